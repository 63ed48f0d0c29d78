"""A real PostgreSQL of its own: made in a temporary folder, on a port of its own, gone afterwards.

Used by the checks of the shop's logbook. The server refuses to run as root, so as root it runs as
the user `postgres` that Debian's package made.
"""
import os
import pwd
import shutil
import signal
import socket
import subprocess
import tempfile
import time

BIN = "/usr/lib/postgresql/15/bin"


def free_port():
    with socket.socket() as s:
        s.bind(("127.0.0.1", 0))
        return s.getsockname()[1]


class Server:
    def __init__(self, password="hay"):
        self.folder = tempfile.mkdtemp(prefix="haybale_pg_")
        self.port = free_port()
        self.password = password
        self.user = None
        if os.getuid() == 0:
            self.user = pwd.getpwnam("postgres")
            os.chown(self.folder, self.user.pw_uid, self.user.pw_gid)
        secret = os.path.join(self.folder, "secret")
        with open(secret, "w") as f:
            f.write(password + "\n")
        if self.user:
            os.chown(secret, self.user.pw_uid, self.user.pw_gid)
        self.data = os.path.join(self.folder, "data")
        self.run([BIN + "/initdb", "-D", self.data, "-U", "shop", "--pwfile=" + secret,
                  "-A", "scram-sha-256", "-E", "UTF8", "--no-locale", "-N"])
        self.start()
        self.sql("CREATE DATABASE yard", "postgres")

    def demote(self):
        if self.user:
            os.setgid(self.user.pw_gid)
            os.setuid(self.user.pw_uid)

    def run(self, command, **more):
        return subprocess.run(command, check=True, stdout=subprocess.PIPE, stderr=subprocess.STDOUT,
                              preexec_fn=self.demote, cwd=self.folder, **more)

    def start(self):
        self.run([BIN + "/pg_ctl", "-D", self.data, "-w", "-t", "60", "-l", self.folder + "/log", "-o",
                  f"-p {self.port} -k {self.folder} -h 127.0.0.1 -c max_connections=120", "start"])

    def stop(self, mode="fast"):
        self.run([BIN + "/pg_ctl", "-D", self.data, "-w", "-m", mode, "stop"])

    def sql(self, text, database="yard", user="shop", password=None):
        env = dict(os.environ, PGPASSWORD=password or self.password)
        done = subprocess.run(["psql", "-h", "127.0.0.1", "-p", str(self.port), "-U", user, "-d", database,
                               "-qAtX", "-v", "ON_ERROR_STOP=1", "-c", text],
                              env=env, stdout=subprocess.PIPE, stderr=subprocess.PIPE, text=True)
        if done.returncode:
            raise RuntimeError(done.stderr)
        return done.stdout.strip()

    def url(self, database="yard", user="shop", password=None, port=None):
        return f"postgresql://{user}:{password or self.password}@127.0.0.1:{port or self.port}/{database}"

    def close(self):
        try:
            self.stop("immediate")
        except subprocess.CalledProcessError:
            pass
        shutil.rmtree(self.folder, ignore_errors=True)

    def __enter__(self):
        return self

    def __exit__(self, *_):
        self.close()


def serve():
    """For tests of other languages: prints the address, then obeys "stop" and "start" until the end of input."""
    import sys
    with Server() as server:
        print(server.url(), flush=True)
        for line in sys.stdin:
            if line.strip() == "stop":
                server.stop("immediate")
            elif line.strip() == "start":
                server.start()
            print("done", flush=True)


if __name__ == "__main__":
    serve()
