"""Places stations and students on one scale by another road than core/soundness takes.

Reads rows of 0 and 1 (a student a row), maximizes the marginal posterior of Rasch's model directly with scipy (BFGS, then
Newton's steps on numerical derivatives) over 4,001 points from -10 to 10 standard deviations, and prints what
core/src/soundness/scale.test.ts compares with: for all students as one class, then for the first half and the second
half as two. Run: python3 docs/checks/scale.py < core/src/soundness/quiz.json
"""
import json
import sys

import numpy as np
from scipy.optimize import minimize

x = np.array(json.load(sys.stdin), dtype=float)
n, k = x.shape
z = np.linspace(-10, 10, 4001)
w = np.exp(-z * z / 2)
w /= w.sum()


def place(classes):
    count = max(classes) + 1
    of = np.array(classes)

    def parts(q):
        """Difficulties, means (the first 0), sigma."""
        return q[:k], np.append(0, q[k : k + count - 1]), q[-1]

    def logs(q, c):
        b, means, sigma = parts(q)
        theta = means[c] + sigma * z
        own = x[of == c]
        # The log-likelihood of a pattern is theta * score - sum(x b) - sum(log(1 + exp(theta - b))).
        norm = np.logaddexp(0, theta[:, None] - b[None, :]).sum(axis=1)
        return theta, theta[None, :] * own.sum(axis=1)[:, None] - (own @ b)[:, None] - norm[None, :] + np.log(w)[None, :]

    def minus(q):
        total = (q[:k] ** 2).sum() / 8
        for c in range(count):
            a = logs(q, c)[1]
            top = a.max(axis=1)
            total -= (top + np.log(np.exp(a - top[:, None]).sum(axis=1))).sum()
        return total

    def hessian(f, p, h=1e-3):
        e = np.eye(len(p)) * h
        return np.array(
            [[(f(p + i + j) - f(p + i - j) - f(p - i + j) + f(p - i - j)) / (4 * h * h) for j in e] for i in e]
        )

    def gradient(f, p, h=1e-4):
        return np.array([(f(p + v) - f(p - v)) / (2 * h) for v in np.eye(len(p)) * h])

    by_log = lambda p: minus(np.append(p[:-1], np.exp(p[-1])))
    found = minimize(by_log, np.zeros(k + count), method="BFGS", options={"gtol": 1e-7, "maxiter": 2000}).x
    for _ in range(5):
        found = found - np.linalg.solve(hessian(by_log, found), gradient(by_log, found))
    q = np.append(found[:-1], np.exp(found[-1]))
    error = np.sqrt(np.diag(np.linalg.inv(hessian(minus, q))))
    theta, a = logs(q, 0)
    post = np.exp(a - a.max(axis=1)[:, None])
    post /= post.sum(axis=1)[:, None]
    ability = post @ theta
    out = lambda v: [round(float(y), 6) for y in v]
    return {
        "sigma": round(float(q[-1]), 6),
        "stations": out(q[:k]),
        "errors": out(error[:k]),
        "classes": out(np.append(0, q[k:-1])),
        "classErrors": out(np.append(0, error[k:-1])),
        "students": out(ability[:6]),
        "studentErrors": out(np.sqrt(post @ theta**2 - ability**2)[:6]),
    }


for classes in ([0] * n, [0] * (n // 2) + [1] * (n - n // 2)):
    print(json.dumps(place(classes)))
