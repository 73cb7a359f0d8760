"""What is told of a photograph against its edges, as scikit-image and a person's marks have them.

redraw.py PICTURE TOLD.json -> {"found", "true", "missed", "marked", "texture"}, shares of 1

Edges: the gradient of CIE L*a*b* in all channels together (Di Zenzo 1986), thinned across its own normal, with
hysteresis and lengths by scikit-image. A strong, long contour has a step of dE 14 or more and is a third of a cell long.
"""
import json
import sys

import numpy as np
from scipy.ndimage import gaussian_filter, map_coordinates
from scipy.spatial import cKDTree
from skimage import color, draw, filters, io, measure

picture = io.imread(sys.argv[1])[..., :3]
told = json.load(open(sys.argv[2]))
lab = color.rgb2lab(picture)
smooth = [gaussian_filter(lab[..., c], 1) for c in range(3)]
down = [np.gradient(c, axis=0) for c in smooth]
across = [np.gradient(c, axis=1) for c in smooth]
e, g, f = sum(c ** 2 for c in across), sum(c ** 2 for c in down), sum(x * y for x, y in zip(across, down))
steep = np.sqrt((e + g) / 2 + np.sqrt((e - g) ** 2 / 4 + f ** 2))
normal = np.arctan2(2 * f, e - g) / 2
ys, xs = np.mgrid[:steep.shape[0], :steep.shape[1]]
beside = [map_coordinates(steep, [ys + s * np.sin(normal), xs + s * np.cos(normal)], order=1, mode='nearest') for s in (1, -1)]
thin = np.where((steep >= beside[0]) & (steep >= beside[1]), steep, 0)


def step(y, x):
    """dE across the edge at some pixels, 1.5 and 2.5 pixels to either side."""
    n = normal[y, x]
    best = 0
    for off in (1.5, 2.5):
        square = sum((map_coordinates(c, [y + off * np.sin(n), x + off * np.cos(n)], order=1, mode='nearest')
                      - map_coordinates(c, [y - off * np.sin(n), x - off * np.cos(n)], order=1, mode='nearest')) ** 2 for c in smooth)
        best = np.maximum(best, np.sqrt(square))
    return best


def edges(low, high, least):
    y, x = np.nonzero(filters.apply_hysteresis_threshold(thin, low, high))
    keep = step(y, x) >= least
    return y[keep], x[keep]


def along(lines):
    """Places half a pixel apart along polylines."""
    places = []
    for line in lines:
        line = np.array(line, float)
        for a, b in zip(line[:-1], line[1:]):
            n = max(1, int(2 * np.hypot(*(b - a))))
            places.append(a + (b - a) * np.linspace(0, 1, n + 1)[:, None])
    return np.concatenate(places)


cell = told['cell']
drawn = along(told['told'])
# A pixel's middle is half a pixel from its edge, and an edge lies anywhere in its pixel.
near = 0.015 * cell + 0.5
y, x = edges(1.0, 3.0, 14)
strong = np.zeros(steep.shape, bool)
strong[y, x] = True
parts = measure.label(strong, connectivity=2)
long = (np.bincount(parts.ravel()) >= cell / 3) & (np.arange(parts.max() + 1) > 0)
y, x = np.nonzero(long[parts])
found = (cKDTree(drawn).query(np.c_[x + 0.5, y + 0.5])[0] <= near).mean()
y, x = edges(0.4, 1.0, 3)
true = (cKDTree(np.c_[x + 0.5, y + 0.5]).query(drawn)[0] <= near).mean()

# A mark is set by eye, to some pixels; what is meant is the edge about it that shows most.
weak = cKDTree(np.c_[x + 0.5, y + 0.5])
shows = step(y, x)
about = weak.query_ball_point(np.array([place for line in told['marks']['draw'] for place in line], float), 5)
meant = weak.data[[max(some, key=lambda i: shows[i]) for some in about if some]]
# Told at all is not missed, if a little beside it: how true it is, the rows above say.
missed = (cKDTree(drawn).query(meant)[0] > 0.04 * cell).mean()
# Along the lines through the marks, nothing counts as texture.
marked = cKDTree(along(told['marks']['draw']))
texture = np.zeros(steep.shape, bool)
for corners in told['marks']['texture']:
    rows, columns = draw.polygon([c[1] for c in corners], [c[0] for c in corners], steep.shape)
    texture[rows, columns] = True
inside = texture[np.clip(drawn[:, 1].astype(int), 0, steep.shape[0] - 1), np.clip(drawn[:, 0].astype(int), 0, steep.shape[1] - 1)]
# What a person would draw is none, though it runs through texture.
of_texture = inside & (marked.query(drawn)[0] > 5)
print(json.dumps({'found': float(found), 'true': float(true), 'missed': float(missed), 'marked': len(meant), 'texture': float(of_texture.mean()), 'told': len(drawn)}))
