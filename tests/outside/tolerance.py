"""Tolerance factors by SciPy, other ways than the program's: one-sided from the noncentral t
distribution (scipy.stats.nct), two-sided by Gauss-Legendre quadrature (numpy.polynomial.legendre)
over the sample mean with scipy.stats.chi2 and a root search (scipy.optimize.brentq)."""
import json
import sys

import numpy as np
from scipy import optimize, stats


def one_sided(n, p, g):
    return stats.nct.ppf(g, n - 1, stats.norm.ppf(p) * np.sqrt(n)) / np.sqrt(n)


def reach(offset, p):
    f = lambda r: stats.norm.cdf(offset + r) - stats.norm.cdf(offset - r) - p
    return optimize.brentq(f, 0, offset + 12)


def two_sided(n, p, g):
    x, w = np.polynomial.legendre.leggauss(120)
    z, w = 4 * (x + 1), 4 * w
    reaches = np.array([reach(v / np.sqrt(n), p) for v in z])

    def sure(k):
        return 2 * np.sum(w * stats.norm.pdf(z) * stats.chi2.sf((n - 1) * (reaches / k) ** 2, n - 1))

    return optimize.brentq(lambda k: sure(k) - g, 0.5, 800, xtol=1e-7)


rows = []
for n, p, g in [(2, 0.95, 0.95), (3, 0.95, 0.95), (5, 0.95, 0.95), (10, 0.95, 0.95), (30, 0.9, 0.99),
                (100, 0.99, 0.95)]:
    rows.append({"n": n, "p": p, "g": g, "one": one_sided(n, p, g), "two": two_sided(n, p, g)})
json.dump(rows, open(sys.argv[1], "w"))
