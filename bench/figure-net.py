"""Teaches the net that tells figures anew, and writes it as Fluss reads it (FigureNet).

    figure-net.py FACES OUT [HELD]

FACES is a folder with text faces (TTF), OUT the file to write (gzip). HELD is a folder with other faces: the net is asked
for their figures when it has learnt, and the shares are printed. Needs numpy, scipy, pillow and jax; takes a quarter of
an hour on two cores. The shipped one learnt from the families of
figure-net-faces.txt: weights 400, 600 and 700 of each, where it has them.
"""
import gzip
import struct
import sys
from pathlib import Path

import jax
import jax.numpy as jnp
import numpy as np
from jax import lax
from PIL import Image, ImageDraw, ImageFont
from scipy.ndimage import gaussian_filter, grey_closing, grey_dilation, map_coordinates

SIDE = 16
FINE = 3
FIGURES = "0123456789"
# Without those that are a figure by their look: O o I l i
OTHERS = "%ABCDEFGHJKLMNPQRSTUVWXYZabcdefghjkmnpqrstuvwxyz:/°.-"
NONE = len(FIGURES)
HEIGHTS = [9, 10, 11, 12, 13, 14, 15, 16, 18, 20, 22, 25, 28, 32]
SPOTS, PARTS, FEATURES = 12, 24, 64
EPOCHS, BATCH = 6, 256


def normal(ink, top, height):
    """As FigureShapes.normal: 16 x 16 pixels, figures 14 high, in the middle."""
    by = height / (SIDE - 2)
    at = (np.arange(SIDE * FINE) + 0.5) / FINE * by - 0.5
    rows = top - by + at
    columns = ink.shape[1] / 2 - by * SIDE / 2 + at
    fine = map_coordinates(ink, np.meshgrid(rows, columns, indexing="ij"), order=1, mode="constant")
    return fine.reshape(SIDE, FINE, SIDE, FINE).mean((1, 3))


class Drawn:
    """Draws text of a face, worn as recordings and the search for ink wear it."""

    def __init__(self, face, random):
        self.face = str(face)
        box = ImageFont.truetype(self.face, 400).getbbox("0")
        self.tall = (box[3] - box[1]) / 400
        self.fonts = {}
        self.random = random

    def glyph(self, text):
        """What it looks like to the net; None if nothing is left of it."""
        random = self.random
        height = int(random.choice(HEIGHTS))
        ink = np.clip(self.worn(self.ink(text, height), height), 0, 1)
        columns = np.where((ink > 0.35).any(0))[0]
        if ink.max() < 0.4 or len(columns) == 0:
            return None
        left = max(0, columns[0] - (random.random() < 0.3))
        right = min(ink.shape[1] - 1, columns[-1] + (random.random() < 0.3))
        ink = ink[:, left : right + 1]
        if random.random() < 0.5:
            ink = np.clip(ink + random.normal(0, random.uniform(0, 0.12), ink.shape), 0, 1)
        # The rows of the text are known to a pixel.
        row = 1 if height > 12 else 0.5
        top = height + random.choice([0, 0, 0, 0, 1, -1]) * row
        return normal(ink, top, height + random.choice([0, 0, 0, 1, -1]) * row)

    def ink(self, text, height):
        if height not in self.fonts:
            self.fonts[height] = ImageFont.truetype(self.face, height / self.tall)
        font = self.fonts[height]
        image = Image.new("L", (int(font.getlength(text)) + 2 * height, 4 * height), 0)
        at = (height / 2 + self.random.random(), 2 * height + self.random.random() - 0.5)
        ImageDraw.Draw(image).text(at, text, font=font, fill=255, anchor="ls")
        return np.asarray(image, np.float32) / 255

    def worn(self, ink, height):
        random = self.random
        kind = random.random()
        if kind < 0.45:  # coding blurs, and the share of ink is steep
            ink = gaussian_filter(ink, random.uniform(0.2, 0.9))
            ink = (ink - 0.5) * random.uniform(1, 2.2) + 0.5 + random.uniform(-0.3, 0.3)
        elif kind < 0.62:  # an outline eats of the text
            ink = ink - random.uniform(0, 0.5) * gaussian_filter(1 - ink, random.uniform(0.5, 1))
            ink = gaussian_filter(ink, random.uniform(0, 0.6)) * random.uniform(0.9, 1.6)
        elif kind < 0.85:  # text told by its rim: strokes grow, and what they enclose fills
            near = (3, 3) if height < 22 else (5, 5)
            ink = ink + random.uniform(0, 0.8) * (grey_closing(ink, near) - ink)
            ink = ink + random.uniform(0, 0.7) * (grey_dilation(ink, near) - ink)
            ink = gaussian_filter(ink, random.uniform(0.2, 0.8))
        return ink


def drawn(folder, each_figure, each_other, seed):
    """Glyphs of all faces of a folder, and which figure each is, or NONE."""
    random = np.random.default_rng(seed)
    glyphs, names = [], []
    for face in sorted(Path(folder).glob("*.ttf")):
        face = Drawn(face, random)
        wanted = [(figure, int(figure)) for figure in FIGURES for _ in range(each_figure)]
        wanted += [(other, NONE) for other in OTHERS for _ in range(each_other)]
        wanted += [("".join(random.choice(list(FIGURES), 2)), NONE) for _ in range(2 * each_figure)]  # that touch
        for text, name in wanted:
            glyph = face.glyph(text)
            if glyph is not None:
                glyphs.append(glyph)
                names.append(name)
    return np.array(glyphs, np.float32), np.array(names)


def first_weights(random):
    def layer(*shape):
        return random.normal(0, np.sqrt(2 / np.prod(shape[:-1])), shape).astype(np.float32), np.zeros(shape[-1], np.float32)

    return [
        layer(3, 3, 1, SPOTS),
        layer(3, 3, SPOTS, PARTS),
        layer(SIDE // 4 * SIDE // 4 * PARTS, FEATURES),
        layer(FEATURES, NONE + 1),
    ]


def scores(net, glyphs, kept=None):
    (spots, spots_bias), (parts, parts_bias), (features, features_bias), (names, names_bias) = net

    def looked(at, weights, bias):
        made = lax.conv_general_dilated(at, weights, (1, 1), "SAME", dimension_numbers=("NHWC", "HWIO", "NHWC"))
        return lax.reduce_window(jax.nn.relu(made + bias), -jnp.inf, lax.max, (1, 2, 2, 1), (1, 2, 2, 1), "VALID")

    at = looked(looked(glyphs[..., None], spots, spots_bias), parts, parts_bias)
    at = jax.nn.relu(at.reshape(len(glyphs), -1) @ features + features_bias)
    return (at if kept is None else at * kept / 0.75) @ names + names_bias


def loss(net, glyphs, names, kept):
    wanted = jax.nn.one_hot(names, NONE + 1) * 0.98 + 0.02 / (NONE + 1)
    away = -(jax.nn.log_softmax(scores(net, glyphs, kept)) * wanted).sum(1).mean()
    return away + 1e-5 * sum((one**2).sum() for one in jax.tree.leaves(net))


@jax.jit
def step(net, first, second, n, glyphs, names, kept, rate):
    """One step of Adam (D. P. Kingma, J. Ba: Adam, ICLR 2015; from memory)."""
    slope = jax.grad(loss)(net, glyphs, names, kept)
    first = jax.tree.map(lambda a, b: 0.9 * a + 0.1 * b, first, slope)
    second = jax.tree.map(lambda a, b: 0.999 * a + 0.001 * b * b, second, slope)
    net = jax.tree.map(
        lambda a, b, c: a - rate * b / (1 - 0.9**n) / (jnp.sqrt(c / (1 - 0.999**n)) + 1e-8), net, first, second
    )
    return net, first, second


def learnt(glyphs, names, seed):
    random = np.random.default_rng(seed)
    net = first_weights(random)
    first = second = jax.tree.map(jnp.zeros_like, net)
    steps = len(glyphs) // BATCH
    for n in range(1, EPOCHS * steps + 1):
        if (n - 1) % steps == 0:
            order = random.permutation(len(glyphs))
        some = order[(n - 1) % steps * BATCH :][:BATCH]
        seen = np.roll(glyphs[some], random.integers(-1, 2), 2)
        seen = seen * random.uniform(0.8, 1.2, (BATCH, 1, 1)) + random.normal(0, 0.03, seen.shape)
        rate = 2e-3 * min(1, n / 300) * (0.5 * (1 + np.cos(np.pi * n / (EPOCHS * steps))) + 0.01)
        kept = (random.random((BATCH, FEATURES)) < 0.75).astype(np.float32)
        seen = np.clip(seen, 0, 1).astype(np.float32)
        net, first, second = step(net, first, second, float(n), seen, names[some], kept, rate)
    return net


def packed(net):
    bytes_ = b""
    for one in jax.tree.leaves(net):
        scale = float(np.abs(one).max()) / 127
        bytes_ += struct.pack(">f", scale) + np.rint(np.asarray(one) / scale).astype(np.int8).tobytes()
    return bytes_


def main(faces, out, held=None):
    net = learnt(*drawn(faces, 16, 2, 11), 3)
    Path(out).write_bytes(gzip.compress(packed(net), 9, mtime=0))
    if held:
        glyphs, names = drawn(held, 8, 1, 5)
        likely = np.asarray(jax.nn.softmax(scores(net, glyphs)))
        best, share = likely.argmax(1), likely.max(1)
        figure = names < NONE
        print(f"figures told {np.mean((best == names)[figure]):.4f}")
        for least in (0.5, 0.7, 0.9, 0.95):
            sure = (share > least) & (best < NONE)
            print(
                f"beyond {least}: figures told {np.mean((sure & (best == names))[figure]):.4f}, taken for another"
                f" {np.mean((sure & (best != names))[figure]):.5f}, others taken for figures {np.mean(sure[~figure]):.5f}"
            )


if __name__ == "__main__":
    main(*sys.argv[1:])
