"""Recordings with one to five numbers, drawn and coded by tools that Fluss does not use, read by `./fluss overlay`, and what
was read right, left open and read wrong.

    overlay-outside.py FOLDER FROM TO FACE...

FOLDER takes the clips, one for each seed from FROM to TO - 1; FACE is a text face (TTF or OTF), one is drawn of all given.
Needs numpy, pillow and ffmpeg with x264. Half a minute to five minutes a seed. The rectangles lie as an analyst draws them:
3 to 7 px around the number, with the unit or so close that they cut it. What is read right is told apart for figures of 12 px
and more, and for lower ones. Of the wrong, those are told that show a number of two pictures before or after: coders may skip
a change, or have it late.
"""
import collections
import json
import math
import random
import subprocess
import sys
from pathlib import Path

import numpy as np
from PIL import Image, ImageDraw, ImageFont

NEAR = " (near)"
WIDTH, HEIGHT, FPS, PICTURES = 640, 360, 60, 600
COLOURS = [(255, 255, 255), (255, 255, 255), (255, 220, 0), (80, 255, 80), (0, 230, 255), (255, 140, 0), (255, 90, 160)]
COUNTERS = [  # name, form, unit, mean, spread
    ("rate", "%d", "fps", 60, 30), ("base", "%.1f", "", 48, 15), ("frame_time", "%.1f", "ms", 16.7, 8),
    ("gpu_load", "%d", "%", 75, 24), ("power", "%d", "W", 210, 80), ("temperature", "%d", "°C", 66, 12),
    ("low", "%.0f", "FPS", 45, 20), ("gpu_clock", "%d", "MHz", 1850, 300)]


def smooth(field, times):
    for _ in range(times):
        field = sum(np.roll(field, by, axis) for by, axis in ((0, 0), (1, 0), (-1, 0), (1, 1), (-1, 1))) / 5
    return field


def numbers(rng, counter, every):
    """What the counter shows on each picture: it comes back to its mean, and jumps now and then."""
    name, form, _, mean, spread = counter
    shown, value = [], mean
    for picture in range(PICTURES):
        if picture % every == 0:
            value = mean + 0.8 * (value - mean) + rng.gauss(0, 0.45 * spread)
            value = mean + rng.gauss(0, 1.5 * spread) if rng.random() < 0.04 else value
            value = min(max(0.4, value), 100 if name == "gpu_load" else math.inf)
        shown.append(form % value)
    return shown


def lay_out(rng, font, size):
    rows, y, x = [], rng.randint(8, 20), rng.randint(8, 30)
    labelled, within = rng.random() < 0.6, rng.random() < 0.5
    for counter in rng.sample(COUNTERS, rng.choice([1, 1, 2, 2, 3, 5])):
        every = rng.choice([1, 6, 15, 15, 30, 60])
        label = counter[0].split("_")[0].upper() + " " if labelled else ""
        rows.append(dict(
            name=counter[0], label=label, x=x, y=y, at=x + math.ceil(font.getlength(label)), every=every,
            unit=(rng.choice(["", " "]) + counter[2]) if counter[2] else "", within=within,
            colour=rng.choice(COLOURS), shown=numbers(rng, counter, every), high=figure_height(font)))
        y += int(1.35 * size) + rng.randint(0, 6)
    return rows


def area(rng, font, row):
    """The rectangle: around the number and its unit, or around the number alone, 1 px more than it takes at most."""
    boxes = [font.getbbox(text) for text in set(row["shown"])]
    top, bottom = min(box[1] for box in boxes), max(box[3] for box in boxes)
    left, above, right, below = (rng.randint(3, 7) for _ in range(4))
    left = min(left, max(1, int(font.getlength(" ")) - 1)) if row["label"] else left
    right = right if row["within"] or not row["unit"] else 1
    width = max(font.getlength(text + (row["unit"] if row["within"] else "")) for text in row["shown"])
    x, y = max(0, row["at"] - left), max(0, row["y"] + top - above)
    return x, y, math.ceil(row["at"] + width + right - x), bottom - top + above + below


def figure_height(font):
    box = font.getbbox("8")
    return box[3] - box[1]


def draw(path, seed, faces):
    rng, noise_rng = random.Random(seed), np.random.default_rng(seed)
    face, size = rng.choice(faces), rng.choice([12, 13, 14, 16, 18, 20, 24, 28, 32, 36, 40])
    style, light = rng.choice(["plain", "shadow", "outline", "plate"]), rng.choice([40, 90, 130, 170, 200])
    noise, kbit = rng.choice([0, 2, 4, 8]), rng.choice([1500, 3000, 6000])
    font = ImageFont.truetype(face, size)
    rows = lay_out(rng, font, size)
    coarse = smooth(np.kron(smooth(noise_rng.normal(size=(HEIGHT // 8 + 80, WIDTH // 8 + 80)), 2), np.ones((8, 8))), 3)
    fine = smooth(noise_rng.normal(size=coarse.shape), 1)
    scene = light + 26 * coarse / coarse.std() + 8 * fine / fine.std()
    tint = np.array([rng.uniform(0.85, 1.05) for _ in range(3)])
    across, down = rng.uniform(-7, 7), rng.uniform(-2, 2)
    things = [(rng.uniform(0, WIDTH), rng.uniform(0, HEIGHT), rng.uniform(-6, 6), rng.uniform(-3, 3), rng.randint(15, 90),
               rng.randint(15, 70), [rng.randint(0, 255) for _ in range(3)]) for _ in range(rng.randint(3, 10))]
    coder = subprocess.Popen(
        ["ffmpeg", "-v", "error", "-y", "-f", "rawvideo", "-pix_fmt", "rgb24", "-s", f"{WIDTH}x{HEIGHT}", "-r", str(FPS), "-i", "-",
         "-c:v", "libx264", "-preset", "veryfast", "-b:v", f"{kbit}k", "-pix_fmt", "yuv420p", path], stdin=subprocess.PIPE)
    for t in range(PICTURES):
        left, top = int(across * t) % (scene.shape[1] - WIDTH), int(down * t) % (scene.shape[0] - HEIGHT)
        pixels = scene[top:top + HEIGHT, left:left + WIDTH, None] * tint
        for x, y, vx, vy, w, h, colour in things:
            x, y = int(x + vx * t) % (WIDTH + 100) - 50, int(y + vy * t) % (HEIGHT + 100) - 50
            pixels[max(0, y):max(0, y + h), max(0, x):max(0, x + w)] = colour
        pixels = pixels + noise_rng.normal(0, noise, (HEIGHT, WIDTH, 1))
        image = Image.fromarray(np.clip(pixels, 0, 255).astype(np.uint8))
        pen = ImageDraw.Draw(image, "RGBA")
        if style == "plate":
            wide = max(row["at"] + max(map(font.getlength, row["shown"])) for row in rows) + font.getlength(" MHz") + 6
            pen.rectangle((rows[0]["x"] - 5, rows[0]["y"] - 4, wide, rows[-1]["y"] + int(1.35 * size)), fill=(10, 10, 20, 150))
        for row in rows:
            for x, text in ((row["x"], row["label"]), (row["at"], row["shown"][t] + row["unit"])):
                if style == "shadow":
                    by = max(1, size // 14)
                    pen.text((x + by, row["y"] + by), text, font=font, fill=(0, 0, 0))
                outline = dict(stroke_width=max(1, size // 16), stroke_fill=(0, 0, 0)) if style == "outline" else {}
                pen.text((x, row["y"]), text, font=font, fill=row["colour"], **outline)
        coder.stdin.write(image.tobytes())
    coder.stdin.close()
    coder.wait()
    print(f"{seed}: {Path(face).name} {size} px, {style} over {light}, noise {noise}, {kbit} kbit/s")
    return {row["name"]: (area(rng, font, row), row) for row in rows}


def verdict(shown, picture, value):
    if value is None:
        return "open"
    if value == float(shown[picture]):
        return "right"
    near = shown[max(0, picture - 2):picture + 3]
    return f"{shown[picture]} as {value:g}" + (NEAR if value in map(float, near) else "")


def judge(path, drawn, total):
    areas = [arg for name, (box, _) in drawn.items() for arg in ("--area", f"{name}={','.join(map(str, box))}")]
    fluss = Path(__file__).resolve().parent.parent / "fluss"
    said = json.loads(subprocess.run([fluss, "overlay", path, *areas, "--json"], capture_output=True, text=True).stdout)["areas"]
    for name, (_, row) in drawn.items():
        seen = [None] * PICTURES
        readings = said[name].get("readings", [])
        ends = [reading["t_s"] for reading in readings[1:]] + [PICTURES / FPS]
        for reading, end in zip(readings, ends):
            for picture in range(round(reading["t_s"] * FPS), round(end * FPS)):
                seen[picture] = reading["value"] if reading["state"] == "read" else None
        pairs = collections.Counter(verdict(row["shown"], picture, value) for picture, value in enumerate(seen))
        right, left_open = pairs.pop("right", 0), pairs.pop("open", 0)
        near = sum(times for pair, times in pairs.items() if pair.endswith(NEAR))
        total[row["high"] >= 12].update(right=right, open=left_open, wrong=sum(pairs.values()), near=near)
        print(f"    {name} {row['unit']!r}, every {row['every']}: right {right}, open {left_open}, wrong {dict(pairs)}", flush=True)


def run(draw):
    """Draws and judges the seeds of the command line."""
    folder, first, end, faces = Path(sys.argv[1]), int(sys.argv[2]), int(sys.argv[3]), sys.argv[4:]
    total = {True: collections.Counter(), False: collections.Counter()}
    for seed in range(first, end):
        path = folder / f"{seed}.mp4"
        judge(path, draw(path, seed, faces), total)
    for high, counts in total.items():
        pictures = counts["right"] + counts["open"] + counts["wrong"]
        shares = {name: f"{100 * n / max(1, pictures):.2f} %" for name, n in counts.items()}
        print("figures of 12 px and more:" if high else "lower ones:", shares, "of", pictures, "pictures")


if __name__ == "__main__":
    run(draw)
