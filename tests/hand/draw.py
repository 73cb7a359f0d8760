"""Drawings by a hand that knows nothing of the judge, photographed: for bin/bench hand.

Lines are those of scikit-image's Canny detector (J. Canny, IEEE PAMI 8 (1986)) on the picture's lightness, set down in one
of four manners: gradient (thin and steady), wobble (a hand that wavers, doubles strokes and leaves gaps), outline (few and
heavy), shaded (soft tones with lines in them). Mistakes are put in on purpose; each picture has its truth beside it as JSON.

    python3 draw.py PICTURES.json OUT SEED COUNT

PICTURES.json: [{"file": path or name of a scikit-image sample, "objects": {"name": [x, y, half width, half height]}}], in
shares of the picture. Lengths are millimetres, y down.
"""
import json
import os
import sys

import numpy as np
import skimage
from scipy import ndimage
from skimage import color, feature, io, transform

MANNERS = ['gradient', 'wobble', 'outline', 'shaded']
PER_MM = 5
LONG, MARGIN = 220.0, 18.0


def picture(file):
    image = io.imread(file if os.path.exists(file) else os.path.join(skimage.data_dir, file))
    image = color.gray2rgb(image) if image.ndim == 2 else image[..., :3]
    return skimage.img_as_float(image)


def similarity(middle, right=0.0, down=0.0, turn=0.0, size=0.0):
    """Moves places about a middle; matrix for columns (x, y, 1)."""
    a, s = np.deg2rad(turn), 1 + size / 100
    cos, sin = s * np.cos(a), s * np.sin(a)
    x, y = middle
    return np.array([[cos, -sin, x + right - cos * x + sin * y], [sin, cos, y + down - sin * x - cos * y], [0, 0, 1]])


def moved(layer, matrix_mm, order=1):
    """A layer of the drawing area with all of it moved; the matrix is in mm of the area."""
    scale = np.diag([1 / PER_MM, 1 / PER_MM, 1])
    pixels = np.linalg.inv(scale) @ matrix_mm @ scale
    return transform.warp(layer, transform.ProjectiveTransform(np.linalg.inv(pixels)), order=order, mode='constant', cval=0)


def lines(grey, sigma, least):
    found = feature.canny(grey, sigma=sigma, low_threshold=0.35 * least, high_threshold=least)
    labels, count = ndimage.label(found, np.ones((3, 3)))
    sizes = ndimage.sum(found, labels, range(count + 1))
    return found & (sizes[labels] > 6 * PER_MM)


def ink(grey, manner, rng):
    """How dark the pencil is at each pixel of the area, 0…1."""
    if manner == 'outline':
        found = lines(ndimage.gaussian_filter(grey, 3), 6.0, 0.035)
        return 0.75 * np.clip(ndimage.gaussian_filter(ndimage.binary_dilation(found, iterations=2).astype(float), 0.8), 0, 1)
    found = lines(grey, 3.5 if manner == 'shaded' else 2.6, 0.05).astype(float)
    thin = np.clip(ndimage.gaussian_filter(found, 0.9) * 2.2, 0, 1)
    if manner == 'gradient':
        return 0.55 * thin
    if manner == 'shaded':
        tone = ndimage.gaussian_filter(1 - grey, 2.5)
        return np.clip(0.35 * tone + 0.4 * thin, 0, 0.9)
    out = np.zeros_like(thin)
    for stroke in range(2):
        off = [ndimage.gaussian_filter(rng.normal(size=thin.shape), 25) for _ in range(2)]
        off = [one / one.std() * 0.35 * PER_MM for one in off]
        rows, columns = np.indices(thin.shape)
        gaps = ndimage.gaussian_filter(rng.normal(size=thin.shape), 12)
        there = ndimage.map_coordinates(thin, [rows + off[0], columns + off[1]], order=1)
        out = np.maximum(out, there * (gaps > gaps.std() * (-1.2 if stroke == 0 else 0.3)))
    return 0.6 * out


def sample(pictures, rng, seed):
    which = pictures[seed % len(pictures)]
    manner = MANNERS[(seed // len(pictures)) % 4]
    kind = ['faithful', 'object', 'faithful', 'whole', 'object'][seed % 5]
    image = picture(which['file'])
    grey = color.rgb2lab(image)[..., 0] / 100
    high, wide = grey.shape
    area = np.array([LONG, LONG * high / wide] if wide >= high else [LONG * wide / high, LONG])
    shape = tuple(int(round(side * PER_MM)) for side in area[::-1])
    grey = transform.resize(grey, shape, anti_aliasing=True)
    drawn = ink(grey, manner, rng)
    x, y = np.meshgrid((np.arange(shape[1]) + 0.5) / shape[1], (np.arange(shape[0]) + 0.5) / shape[0])
    objects = which['objects']
    columns, rows = 6, max(1, int(round(6 * area[1] / area[0])))
    truth = {'file': which['file'], 'manner': manner, 'kind': kind, 'area_mm': area.tolist(), 'margin_mm': MARGIN, 'objects': {},
             'whole': {'right': 0, 'down': 0, 'turn': 0, 'size': 0}}
    if kind == 'object':
        name = sorted(objects)[rng.integers(len(objects))]
        ox, oy, rx, ry = objects[name]
        inside = ((x - ox) / rx) ** 2 + ((y - oy) / ry) ** 2 <= 1
        how = rng.integers(3)
        angle, far, sign = rng.uniform(0, 2 * np.pi), rng.uniform(4, 10), rng.choice([-1, 1])
        move = {'right': far * np.cos(angle), 'down': far * np.sin(angle)} if how < 2 else {'size': sign * rng.uniform(12, 22)}
        if seed % 10 == 9:
            # Put a whole cell off, and not quite, to where there is more room.
            across = rng.integers(2) == 0
            cells = [int(np.sign(0.5 - ox)) or 1, 0] if across else [0, int(np.sign(0.5 - oy)) or 1]
            move = {'right': cells[0] * area[0] / columns + rng.uniform(-2, 2), 'down': cells[1] * area[1] / rows + rng.uniform(-2, 2)}
            truth['cells'] = cells
        middle = (ox * area[0], oy * area[1])
        drawn = np.maximum(np.where(inside, 0, drawn), moved(np.where(inside, drawn, 0), similarity(middle, **move)))
        truth['objects'][name] = {**{'right': 0, 'down': 0, 'turn': 0, 'size': 0}, **move}
    if kind == 'whole':
        truth['whole'] = {'right': rng.uniform(-5, 5), 'down': rng.uniform(-5, 5), 'turn': rng.uniform(-2, 2),
                          'size': rng.choice([-1, 1]) * rng.uniform(2, 5)}
    half = kind != 'whole' and seed % 7 == 3
    truth['half'] = bool(half)
    if half:
        drawn = np.where(x > 0.55, 0, drawn)
    # On the sheet, larger than the area by its margins.
    sheet = area + 2 * MARGIN
    board = np.zeros(tuple(int(round(side * PER_MM)) for side in sheet[::-1]))
    edge = int(round(MARGIN * PER_MM))
    board[edge:edge + shape[0], edge:edge + shape[1]] = drawn
    if kind == 'whole':
        board = moved(board, similarity(tuple(sheet / 2), **truth['whole']))
    grid = seed % 2 == 0
    truth['grid'], truth['columns'], truth['rows'] = bool(grid), columns, rows
    if grid:
        for i in range(columns + 1):
            at = edge + int(round(i * shape[1] / columns))
            board[edge:edge + shape[0], at:at + 2] = np.maximum(board[edge:edge + shape[0], at:at + 2], 0.3)
        for i in range(rows + 1):
            at = edge + int(round(i * shape[0] / rows))
            board[at:at + 2, edge:edge + shape[1]] = np.maximum(board[at:at + 2, edge:edge + shape[1]], 0.3)
    paper = 0.92 + ndimage.gaussian_filter(rng.normal(size=board.shape), 1.2) * 0.01
    page = np.clip(paper * (1 - (0.55 if seed % 6 == 5 else 1.0) * board), 0, 1)
    # Photographed a little askew on a dark table, in light that falls off.
    tall, long = page.shape
    pad = 0.06
    frame = (int(tall * (1 + 2 * pad)), int(long * (1 + 2 * pad)))
    corners = np.array([[0, 0], [long, 0], [long, tall], [0, tall]], float)
    to = corners + np.array([long, tall]) * pad + rng.uniform(-0.035, 0.035, (4, 2)) * np.array([long, tall])
    homography = transform.ProjectiveTransform()
    homography.estimate(corners, to)
    shot = transform.warp(page, homography.inverse, output_shape=frame, order=1, mode='constant', cval=-1)
    table = 0.25 + ndimage.gaussian_filter(rng.normal(size=frame), 3) * 0.02
    shot = np.where(shot < 0, table, shot)
    down, across = np.indices(frame)
    light = 1 - 0.25 * rng.uniform(0.4, 1) * (across / frame[1] * rng.choice([-1, 1]) / 2 + 0.5 + 0.3 * down / frame[0])
    shot = np.clip(shot * light + rng.normal(size=frame) * 0.012, 0, 1)
    places = lambda mm: (homography(np.array(mm) * PER_MM)).tolist()
    truth['area'] = places([[MARGIN, MARGIN], [MARGIN + area[0], MARGIN], [MARGIN + area[0], MARGIN + area[1]], [MARGIN, MARGIN + area[1]]])
    truth['defined'] = objects
    return np.round(255 * shot).astype(np.uint8), truth


def main(pictures, out, first, count):
    pictures = json.load(open(pictures))
    for seed in range(int(first), int(first) + int(count)):
        shot, truth = sample(pictures, np.random.default_rng(seed), seed)
        io.imsave(os.path.join(out, f'{seed}.jpg'), shot, quality=88, check_contrast=False)
        json.dump(truth, open(os.path.join(out, f'{seed}.json'), 'w'))


if __name__ == '__main__':
    main(*sys.argv[1:])
