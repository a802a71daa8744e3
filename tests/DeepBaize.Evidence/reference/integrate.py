#!/usr/bin/env python3
"""Makes values.json: cloth motion, cushion impulse and touching balls integrated by a general-purpose library.

Needs Debian's python3-scipy. Nothing here is shared with the engine: the laws are written down again from their sources, with
Coulomb friction smoothed over a tiny slip, and handed to scipy.integrate.solve_ivp (Radau, an implicit method for
stiff systems, and DOP853) with the tolerances below.
"""
import json
import math
import os

import numpy as np
import scipy
from scipy.integrate import solve_ivp
from scipy.optimize import brentq

R, M, G = 0.02625, 0.142, 9.81


def cloth(v, w, mu_s=0.21, mu_r=0.011, alpha=10.0):
    """Slides until the slip has died, then rolls until it stands (Coriolis 1835)."""

    def slide(_, y):
        u = np.array([y[2] - R * y[5], y[3] + R * y[4]])
        d = u / np.hypot(*u)
        spin = -math.copysign(alpha, y[6]) if y[6] else 0.0
        pull = mu_s * G
        return [y[2], y[3], -pull * d[0], -pull * d[1], -2.5 * pull / R * d[1], 2.5 * pull / R * d[0], spin]

    def dead(_, y):
        return math.hypot(y[2] - R * y[5], y[3] + R * y[4]) - 1e-8

    dead.terminal = True
    start = [0, 0, v[0], v[1], *w]
    s = solve_ivp(slide, (0, 20), start, method="DOP853", rtol=1e-12, atol=1e-14, events=dead)
    mid = s.y[:, -1]

    def roll(_, y):
        speed = math.hypot(y[2], y[3])
        return [y[2], y[3], -mu_r * G * y[2] / speed, -mu_r * G * y[3] / speed]

    def still(_, y):
        return math.hypot(y[2], y[3]) - 1e-7

    still.terminal = True
    r = solve_ivp(roll, (0, 200), mid[:4], method="DOP853", rtol=1e-12, atol=1e-14, events=still)
    return {
        "velocity": list(v), "spin": list(w), "slidingFriction": mu_s, "rollingFriction": mu_r,
        "slides": s.t[-1], "gripPlace": [mid[0], mid[1]], "gripVelocity": [mid[2], mid[3]],
        "restPlace": [r.y[0, -1], r.y[1, -1]], "time": s.t[-1] + r.t[-1],
    }


def landing(v, w, e=0.5, mu_s=0.21):
    """The bed gives its normal impulse p, per unit mass, up to (1 + e) times the downward speed; friction mu_s dp opposes the slip."""

    def rate(_, y):
        u = np.array([y[0] - R * y[4], y[1] + R * y[3]])
        size = np.hypot(*u)
        # Friction is smoothed over a tiny slip, so that a slip that has died stays dead.
        f = -mu_s * u / np.sqrt(size * size + 1e-18)
        return [f[0], f[1], 1.0, 2.5 / R * f[1], -2.5 / R * f[0], 0.0]

    s = solve_ivp(rate, (0, (1 + e) * -v[2]), [*v, *w], method="Radau", rtol=1e-11, atol=1e-12)
    return {"velocity": list(v), "spin": list(w), "restitution": e, "slidingFriction": mu_s, "after": list(s.y[:, -1])}


def cushion(angle, roll, side, speed=1.0, e=0.98, mu_w=0.14, mu_s=0.212, sine=0.4, fall=0.0, eps=1e-7):
    """Impulse equations of Mathavan, Jackson and Parkin (2010), unit mass, spins times R; friction mu_w / (1 + fall slip)."""
    c = math.sqrt(1 - sine * sine)
    a = math.radians(angle)
    y0 = [speed * math.cos(a), speed * math.sin(a), -roll * speed * math.sin(a), roll * speed * math.cos(a), side * speed, 0.0]

    def rate(_, y):
        sx, st = y[0] + y[3] * sine - y[4] * c, -y[1] * sine + y[2]
        cx, cy = y[0] - y[3], y[1] + y[2]
        slip, rub = math.sqrt(sx * sx + st * st + eps * eps), math.sqrt(cx * cx + cy * cy + eps * eps)
        mu = mu_w / (1 + fall * math.hypot(sx, st))
        fx, ft = -mu * sx / slip, -mu * st / slip
        press = sine - ft * c
        gx, gy = -mu_s * press * cx / rub, -mu_s * press * cy / rub
        return [fx + gx, -c - sine * ft + gy, 2.5 * (ft + gy), 2.5 * (fx * sine - gx), -2.5 * fx * c, c * y[1]]

    def stopped(_, y):
        return y[1]

    stopped.terminal, stopped.direction = True, -1
    options = dict(method="Radau", rtol=1e-10, atol=1e-13)
    first = solve_ivp(rate, (0, 20), y0, events=stopped, **options)
    mid = first.y[:, -1]
    goal = mid[5] * (1 - e * e)

    def given_back(_, y):
        return y[5] - goal

    given_back.terminal, given_back.direction = True, -1
    last = solve_ivp(rate, (0, 20), mid, events=given_back, **options)
    out = last.y[:, -1]
    return {
        "angle": angle, "roll": roll, "side": side, "speed": speed, "restitution": e, "cushionFriction": mu_w,
        "slidingFriction": mu_s, "sine": sine, "fall": fall, "after": list(out[:5]),
    }


K = 5e8 / M


def damping(e):
    """A of F = k d^1.5 + A sqrt(k m / 2) d^0.25 d' with which two balls alone rebound with e (unit mass)."""
    if e >= 1:
        return 0.0

    def rebound(a):
        b = a * math.sqrt(K / 2)

        def rate(_, y):
            d = max(y[0], 0.0)
            force = max(0.0, K * d**1.5 + b * d**0.25 * y[1])
            return [y[1], -2 * force]

        def apart(t, y):
            d = max(y[0], 0.0)
            return K * d**1.5 + b * d**0.25 * y[1] if t > 1e-6 else 1.0

        apart.terminal, apart.direction = True, -1
        s = solve_ivp(rate, (0, 0.01), [0.0, 1.0], method="Radau", rtol=1e-11, atol=1e-16, events=apart)
        return -s.y[1, -1]

    return brentq(lambda a: rebound(a) - e, 1e-6, 5, xtol=1e-12)


def cluster(name, places, velocity, spin, e, mu, tolerance=1e-9, gap=5e-5, duration=6e-3):
    """The first ball moves; all contacts act together while places and lines of centres stand still; friction mu is constant."""
    p = np.array(places)
    n = len(p)
    links = [(i, j) for i in range(n) for j in range(i + 1, n) if np.hypot(*(p[j] - p[i])) - 2 * R <= gap]
    i0, j0 = np.array([l[0] for l in links]), np.array([l[1] for l in links])
    d = p[j0] - p[i0]
    size = np.hypot(d[:, 0], d[:, 1])
    nx, ny = d[:, 0] / size, d[:, 1] / size
    free = np.maximum(size - 2 * R, 0)
    free[free < 1e-12] = 0
    b = damping(e) * math.sqrt(K / 2)
    v0 = math.hypot(*velocity)
    eps = 1e-6 * v0

    def rate(_, y):
        x, v, w = y[: 2 * n].reshape(n, 2), y[2 * n : 5 * n].reshape(n, 3), y[5 * n :].reshape(n, 3)
        over = (x[i0, 0] - x[j0, 0]) * nx + (x[i0, 1] - x[j0, 1]) * ny - free
        dv = v[i0] - v[j0]
        closing = dv[:, 0] * nx + dv[:, 1] * ny
        o = np.maximum(over, 0)
        force = np.maximum(0, K * o**1.5 + b * o**0.25 * closing)
        ws = w[i0] + w[j0]
        ut = -dv[:, 0] * ny + dv[:, 1] * nx + R * ws[:, 2]
        uz = dv[:, 2] + R * (ws[:, 0] * ny - ws[:, 1] * nx)
        slip = np.sqrt(ut * ut + uz * uz + eps * eps)
        jt, jz = -mu * force * ut / slip, -mu * force * uz / slip
        push = np.stack([-force * nx - jt * ny, -force * ny + jt * nx, jz], 1)
        turn = 2.5 / R * np.stack([jz * ny, -jz * nx, jt], 1)
        dv_, dw_ = np.zeros((n, 3)), np.zeros((n, 3))
        np.add.at(dv_, i0, push)
        np.add.at(dv_, j0, -push)
        np.add.at(dw_, i0, turn)
        np.add.at(dw_, j0, turn)
        return np.concatenate([v[:, :2].ravel(), dv_.ravel(), dw_.ravel()])

    y = np.zeros(8 * n)
    y[2 * n : 2 * n + 2] = velocity
    y[5 * n : 5 * n + 3] = spin
    scale = np.concatenate([np.full(2 * n, 1e-4), np.full(3 * n, v0), np.full(3 * n, v0 / R)])
    # A first step that is not far too long: the contact lasts about a third of a millisecond.
    s = solve_ivp(rate, (0, duration), y, method="Radau", rtol=tolerance, atol=tolerance * scale, first_step=1e-7, max_step=2e-5)
    v = s.y[2 * n : 5 * n, -1].reshape(n, 3)
    w = s.y[5 * n :, -1].reshape(n, 3)
    return {
        "name": name, "places": [list(q) for q in places], "velocity": list(velocity), "spin": list(spin), "restitution": e,
        "friction": mu, "damping": damping(e), "after": [[*v[i, :2], *w[i]] for i in range(n)],
    }


def rack():
    step = 2 * R * math.sqrt(3) / 2
    return [(row * step, (k - row / 2) * 2 * R) for row in range(5) for k in range(row + 1)]


def main():
    d, h = 2 * R, 2 * R * math.sqrt(3) / 2
    values = {
        "library": f"SciPy {scipy.__version__}, integrate.solve_ivp",
        "cloth": [
            cloth((2, 0), (0, 0, 0)),
            cloth((3, 0), (20, -95, 40)),
            cloth((1.2, 0.4), (-30, 60, -25), mu_s=0.245, mu_r=0.017),
            cloth((4.5, -1), (60, 10, 0), mu_s=0.18, mu_r=0.0085),
        ],
        "landing": [
            landing((2, 0, -0.3), (0, 0, 0)), landing((1.5, 0.4, -0.5), (30, -60, 50)), landing((0.3, 0.1, -1.2), (60, 40, 10)),
            landing((4, -1, -0.05), (10, 200, -80), e=0.3, mu_s=0.245), landing((0, 0, -1.5), (40, 70, 30), e=0.6),
        ],
        "cushion": [
            cushion(20, 1, 0), cushion(33, 1, 0.4), cushion(45, 1, 0), cushion(45, 0, -0.6), cushion(58, 0.3, 0.2), cushion(70, 1, -0.5),
            cushion(80, 1, 0), cushion(86, 1, 0), cushion(88, 0.2, 0.1), cushion(65, -0.8, 0.3), cushion(90, 0, 0.7), cushion(40, 1.2, 1),
            cushion(45, 1, 0.5, speed=3, fall=0.1), cushion(75, 1, -0.3, speed=2, fall=0.1, e=0.93, mu_w=0.17, mu_s=0.245),
            cushion(30, 0.5, 0, speed=1, e=0.85, mu_w=0.3, mu_s=0.18),
        ],
        "cluster": [
            cluster("three in a line, e = 1", [(-d, 0), (0, 0), (d, 0)], (1, 0), (0, 0, 0), 1, 0),
            cluster("three in a line, e = 0.95", [(-d, 0), (0, 0), (d, 0)], (1, 0), (0, 0, 0), 0.95, 0),
            cluster("white square on two touching balls, e = 1", [(-h, 0), (0, R), (0, -R)], (1, 0), (0, 0, 0), 1, 0),
            cluster("white square on two touching balls, e = 0.95", [(-h, 0), (0, R), (0, -R)], (1, 0), (0, 0, 0), 0.95, 0),
            cluster(
                "triangle of three met at 15 degrees, rolling with side",
                [(-d * math.cos(0.2618), -d * math.sin(0.2618)), (0, 0), (h, R), (h, -R)], (2, 0), (0, 2 / R, 30), 0.95, 0.05),
            cluster(
                "plant with a gap of 0.03 mm", [(-d, 0), (0, 0), (d + 3e-5, 0)], (1.5, 0), (0, 0, 0), 0.95, 0.05),
            cluster(
                "full rack met thin on its corner",
                [(rack()[14][0] - d * math.cos(0.6), rack()[14][1] + d * math.sin(0.6))] + rack(), (3.2, -0.4), (0, 0, 20), 0.95, 0.05, tolerance=1e-7),
        ],
    }
    path = os.path.join(os.path.dirname(os.path.abspath(__file__)), "values.json")
    with open(path, "w", encoding="utf-8") as file:
        json.dump(values, file, indent=1)
        file.write("\n")


main()
