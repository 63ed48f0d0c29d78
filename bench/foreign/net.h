// A small network of its own: dense conductances, solved by elimination, bent parts by repetition.
// Shares no code with the product's core, so that a mistake there shows here.
#pragma once

#include <cmath>
#include <functional>
#include <vector>

namespace haybale::foreign {

class Net {
 public:
  /// Node 0 is ground.
  int node() { return count_++; }
  void resistor(int a, int b, double ohm) {
    parts_.push_back({a, b, [ohm](double) { return std::pair{1 / ohm, 0.0}; }});
  }
  /// `volts` from `b` to `a` behind `ohm`.
  void source(int a, int b, double volts, double ohm) {
    parts_.push_back({a, b, [=](double) { return std::pair{1 / ohm, -volts / ohm}; }});
  }
  /// A part whose current at `v` volts is g v + i; worked out anew until it settles.
  void bent(int a, int b, std::function<std::pair<double, double>(double)> law) {
    parts_.push_back({a, b, std::move(law)});
  }

  std::vector<double> solve() const {
    std::vector<double> v(static_cast<std::size_t>(count_), 0.0);
    for (int round = 0; round < 60; ++round) {
      const auto next = once(v);
      double moved = 0;
      for (std::size_t i = 0; i < v.size(); ++i) {
        moved = std::max(moved, std::abs(next[i] - v[i]));
        v[i] = round < 8 ? next[i] : 0.5 * (v[i] + next[i]);
      }
      if (moved < 1e-9) {
        break;
      }
    }
    return v;
  }

 private:
  struct Part {
    int a, b;
    std::function<std::pair<double, double>(double)> law;
  };
  std::vector<double> once(const std::vector<double>& v) const {
    const std::size_t n = static_cast<std::size_t>(count_) - 1;
    std::vector<std::vector<double>> m(n, std::vector<double>(n + 1, 0.0));
    for (std::size_t i = 0; i < n; ++i) {
      m[i][i] += 1e-13;
    }
    for (const auto& p : parts_) {
      const auto [g, i] =
          p.law(v[static_cast<std::size_t>(p.a)] - v[static_cast<std::size_t>(p.b)]);
      const auto add = [&](int x, int y, double s) {
        if (x > 0) {
          const auto r = static_cast<std::size_t>(x - 1);
          m[r][r] += g;
          if (y > 0) {
            m[r][static_cast<std::size_t>(y - 1)] -= g;
          }
          m[r][n] -= s * i;
        }
      };
      add(p.a, p.b, 1);
      add(p.b, p.a, -1);
    }
    for (std::size_t c = 0; c < n; ++c) {
      std::size_t best = c;
      for (std::size_t r = c + 1; r < n; ++r) {
        best = std::abs(m[r][c]) > std::abs(m[best][c]) ? r : best;
      }
      std::swap(m[c], m[best]);
      for (std::size_t r = c + 1; r < n; ++r) {
        const double f = m[r][c] / m[c][c];
        for (std::size_t k = c; f != 0 && k <= n; ++k) {
          m[r][k] -= f * m[c][k];
        }
      }
    }
    std::vector<double> out(n + 1, 0.0);
    for (std::size_t c = n; c-- > 0;) {
      double sum = m[c][n];
      for (std::size_t k = c + 1; k < n; ++k) {
        sum -= m[c][k] * out[k + 1];
      }
      out[c + 1] = sum / m[c][c];
    }
    return out;
  }

  int count_ = 1;
  std::vector<Part> parts_;
};

}  // namespace haybale::foreign
