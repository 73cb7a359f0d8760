"""
Outside judges: general-purpose libraries (scikit-image, scipy) say what comes out of the same numbers.
Writes judge.json beside this file; run again when a case is added (Debian: python3-skimage, python3-scipy).
"""
import json
import math
import os
import random

import numpy
import scipy
import skimage
from scipy.ndimage import gaussian_filter1d
from scipy.optimize import minimize
from scipy.stats import theilslopes
from skimage.color import deltaE_ciede2000, lab2lch, rgb2lab
from skimage.filters import threshold_otsu
from skimage.transform import AffineTransform, ProjectiveTransform, SimilarityTransform

random.seed(1979)


def clipped(values, low=0, high=100):
    return [int(max(low, min(high, round(value)))) for value in values]


# Otsu's threshold: how many of the samples are the dark class.
fields = {
    'two masses': clipped([random.gauss(30, 6) for _ in range(400)] + [random.gauss(75, 8) for _ in range(200)]),
    'one small dark': clipped([random.gauss(20, 3) for _ in range(60)] + [random.gauss(70, 5) for _ in range(540)]),
    'three masses': clipped([random.gauss(15, 4) for _ in range(200)] + [random.gauss(50, 4) for _ in range(200)] + [random.gauss(85, 4) for _ in range(200)]),
    'a ramp': [i % 101 for i in range(606)][:600],
    'muddy': clipped([random.gauss(50, 12) for _ in range(600)]),
    'all but black and white': [3] * 300 + [96] * 300,
}
otsu = {}
for name, values in fields.items():
    level = int(threshold_otsu(numpy.array(values, dtype=numpy.uint8)))
    otsu[name] = {'values': values, 'dark': sum(1 for value in values if value <= level)}

# Theil and Sen: the slope, and the median of what remains.
lines = {
    'stretched': [[x, 0.02 * x + random.gauss(0, 0.004)] for x in (25, 60, 100, 140, 190, 240, 300)],
    'moved and stretched': [[x, 3 + 0.01 * x + random.gauss(0, 0.01)] for x in (30, 55, 90, 150, 200, 260)],
    'with two slips': [[x, 0.015 * x + (9 if x in (80, 170) else 0)] for x in (40, 80, 120, 170, 210, 250, 290)],
}
sen = {}
for name, points in lines.items():
    x, y = zip(*points)
    fit = theilslopes(y, x, method='joint')
    sen[name] = {'points': points, 'slope': float(fit[0]), 'rest': float(fit[1])}

# The largest level rectangle in a turned one, of any shape.
largest = []
for wide, high, degrees in ((400, 300, 5), (400, 300, 15), (300, 400, 10), (1000, 200, 12), (500, 500, 7), (640, 480, 0.5)):
    turn = math.radians(degrees)
    cos, sin = math.cos(turn), math.sin(turn)
    rules = [
        {'type': 'ineq', 'fun': lambda s: wide - s[0] * cos - s[1] * sin},
        {'type': 'ineq', 'fun': lambda s: high - s[0] * sin - s[1] * cos},
    ]
    best = min(
        (minimize(lambda s: -s[0] * s[1] / (wide * high), [wide * f, high * g], constraints=rules, bounds=[(1, wide), (1, high)], tol=1e-12) for f in (0.3, 0.6, 0.9) for g in (0.3, 0.6, 0.9)),
        key=lambda found: found.fun if found.success else 0,
    )
    largest.append({'wide': wide, 'high': high, 'degrees': degrees, 'area': float(best.x[0] * best.x[1])})

# Canny's case of one dimension: the derivative of a Gaussian, and where it peaks between two samples.
profiles = {
    'two steps': [60 + 80 * (i > 55) + 60 * (i > 140) for i in range(200)],
    'soft': [60 + 120 / (1 + math.exp(-(i - 71.3) / 3)) for i in range(200)],
    'up and down': [50 + 100 * (40 <= i < 110) for i in range(200)],
    'noisy': [100 + 70 * (i > 98) + random.gauss(0, 2) for i in range(200)],
}
canny = {}
for name, profile in profiles.items():
    answer = gaussian_filter1d(numpy.array(profile, dtype=float), max(1.0, 0.012 * len(profile)), order=1, mode='nearest', truncate=3)
    height = numpy.abs(answer)
    peaks = []
    for i in range(1, len(profile) - 1):
        if height[i] > height[i - 1] and height[i] >= height[i + 1] and height[i] > 0.35 * height.max():
            bend = height[i - 1] - 2 * height[i] + height[i + 1]
            peaks.append((i + 0.5 + (height[i - 1] - height[i + 1]) / (2 * bend)) / len(profile))
    canny[name] = {'profile': profile, 'at': [float(peak) for peak in peaks]}

# Maps of the plane: a homography by the normalised direct linear transform, a similarity by Umeyama, an affine map.
def places(count, wide, high):
    return [[random.uniform(0, wide), random.uniform(0, high)] for _ in range(count)]


maps = {}
for name, count, noise in (('four corners', 4, 0), ('eight places, a pixel off', 8, 1.0), ('forty places', 40, 2.5), ('far off', 6, 0.3)):
    true = numpy.array([[3.1, -0.2, 140 if name != 'far off' else 9000], [0.25, 2.9, 90], [-2e-4, 1.5e-4, 1]])
    here = [[0, 0], [216, 0], [216, 279], [0, 279]] if count == 4 else places(count, 216, 279)
    there = []
    for x, y in here:
        u, v, w = true @ numpy.array([x, y, 1])
        there.append([u / w + random.gauss(0, noise), v / w + random.gauss(0, noise)])
    projective, similar, affine = ProjectiveTransform(), SimilarityTransform(), AffineTransform()
    for transform in (projective, similar, affine):
        assert transform.estimate(numpy.array(here), numpy.array(there))
    maps[name] = {'from': here, 'to': there, 'projective': projective.params.ravel().tolist(), 'similar': similar.params[:2].ravel().tolist(), 'affine': affine.params[:2].ravel().tolist()}

# Which motion places carry, by Schwarz's criterion with a known spread: squares over the spread's, and the logarithm of
# how many numbers were read for each that a motion takes. Least squares by numpy.
SPREAD, bic = 0.4, {}


def left_over(here, there, numbers):
    x, y = here[:, 0], here[:, 1]
    one, zero = numpy.ones_like(x), numpy.zeros_like(x)
    off = (there - here).ravel()
    rows = {
        0: [],
        2: [(one, zero), (zero, one)],
        4: [(one, zero), (zero, one), (x, y), (-y, x)],
        6: [(one, zero), (zero, one), (x, zero), (y, zero), (zero, x), (zero, y)],
    }[numbers]
    if not rows:
        return float((off ** 2).sum())
    by = numpy.array([numpy.column_stack(row).ravel() for row in rows]).T
    answer, _, _, _ = numpy.linalg.lstsq(by, off, rcond=None)
    return float(((off - by @ answer) ** 2).sum())


kinds = {'nothing': (0, 0, 0, 1, 1, 0), 'moved': (2.5, -1.5, 0, 1, 1, 0), 'turned': (0, 0, 1.6, 1, 1, 0), 'larger': (0, 0, 0, 1.03, 1.03, 0), 'wider': (0, 0, 0, 1.05, 1, 0), 'leaning': (0, 0, 0, 1, 1, 2.5), 'all of it': (2, 1, -1.2, 1.06, 1.02, 0)}
for kind, (right, down, turn, wide, high, lean) in kinds.items():
    for n in (5, 9, 24):
        here = numpy.array(places(n - 4, 200, 250) + [[10, 10], [190, 20], [180, 240], [15, 230]])
        c, s = math.cos(math.radians(turn)), math.sin(math.radians(turn))
        motion = numpy.array([[c * wide, -s * high + math.tan(math.radians(lean))], [s * wide, c * high]])
        there = (here - [100, 125]) @ motion.T + [100 + right, 125 + down]
        there = there + numpy.array([[random.gauss(0, 0.12), random.gauss(0, 0.12)] for _ in range(n)])
        scores = {numbers: left_over(here, there, numbers) / SPREAD ** 2 + numbers * math.log(2 * n) for numbers in (0, 2, 4, 6)}
        bic[f'{kind}, {n} places'] = {'from': here.tolist(), 'to': there.tolist(), 'numbers': min(scores, key=scores.get), 'scores': list(scores.values())}

# Colours: sRGB bytes in CIE L*a*b* and L*C*h, and CIEDE2000 from each to the next.
hues = random.Random(2931)
bytes_of = [[hues.randrange(256) for _ in range(3)] for _ in range(80)] + [[0, 0, 0], [255, 255, 255], [128, 128, 128], [255, 0, 0], [0, 255, 0], [0, 0, 255], [1, 1, 2]]
lab = rgb2lab(numpy.array([bytes_of], dtype=numpy.uint8))[0]
lch = lab2lch(lab)
colours = [{
    'rgb': bytes_of[i], 'lab': lab[i].tolist(), 'chroma': float(lch[i][1]), 'hue': math.degrees(float(lch[i][2])),
    'next': float(deltaE_ciede2000(lab[i], lab[(i + 1) % len(lab)])),
} for i in range(len(lab))]

with open(os.path.join(os.path.dirname(__file__), 'judge.json'), 'w') as file:
    json.dump({'by': f'scikit-image {skimage.__version__}, scipy {scipy.__version__}', 'otsu': otsu, 'sen': sen, 'largest': largest, 'canny': canny, 'maps': maps, 'bic': bic, 'colours': colours}, file)
    file.write('\n')
