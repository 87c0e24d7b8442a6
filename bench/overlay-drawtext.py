"""Recordings as overlay-outside.py has them, drawn and coded by ffmpeg alone: its own text over its moving patterns, on the left
or the right of the picture, in H.264, HEVC or VP9.

    overlay-drawtext.py FOLDER FROM TO FACE...

Takes the same, and needs ffmpeg with x264, x265 and vpx, and pillow for the size of the text. Some are drawn so that no eye can
read them, such as white on white: what is right there is to leave them open.
"""
import importlib
import math
import random
import subprocess
from pathlib import Path

from PIL import ImageFont

outside = importlib.import_module("overlay-outside")

COUNTERS = [  # name, decimals, mean, spread, unit
    ("rate", 0, 60, 25, "fps"), ("base", 1, 48, 14, ""), ("frame_time", 1, 16.7, 6, "ms"), ("gpu_load", 0, 75, 22, "%"),
    ("power", 0, 210, 70, "W"), ("temperature", 0, 66, 10, "C"), ("gpu_clock", 0, 1850, 280, "MHz"), ("frame_time", 2, 12.3, 6, "ms")]
COLOURS = ["white", "white", "yellow", "lime", "cyan", "orange", "white@0.8"]
EDGE = 20


def scene(rng, size, seed):
    width, height = size
    return rng.choice([
        f"mandelbrot=s={width}x{height}:r=60:maxiter=200:start_scale=2:end_scale=0.02:end_pts=1200",
        f"testsrc2=s={width}x{height}:r=60",
        f"life=s={width // 8}x{height // 8}:r=20:ratio=0.35:seed={seed}:mold=10:life_color=#C83232:death_color=#C8C832"
        f":mold_color=#203060,scale={width}:{height},fps=60",
        f"gradients=s={width}x{height}:r=60:n=5:speed=0.02:seed={seed}:c0=0xffffff:c1=0x60a0ff:c2=0x208020:c3=0xe0c080"
        ":c4=0x302020,format=yuv420p,noise=alls=12:allf=t",
        f"cellauto=s={width // 6}x{height // 6}:r=60:rule=110:seed={seed},scale={width}:{height},hue=h=120:s=1,gblur=2"])


def style(rng, size):
    return rng.choice([
        "", f":shadowx={max(1, size // 16)}:shadowy={max(1, size // 16)}:shadowcolor=black",
        f":borderw={max(1, size // 18)}:bordercolor=black", ":box=1:boxcolor=black@0.5:boxborderw=4",
        ":box=1:boxcolor=black@0.35:boxborderw=3:borderw=1:bordercolor=black@0.8"])


class Wave:
    """Two sines, held for some pictures: as ffmpeg works them out, and as they are."""

    def __init__(self, rng, mean, spread, decimals):
        self.every = rng.choice([1, 2, 6, 15, 30, 60])
        self.first, self.second = rng.uniform(0.3, 2.9), rng.uniform(0.3, 2.9)
        self.mean, self.spread, self.decimals = mean, spread, decimals

    def shown(self, picture):
        held = math.floor(picture / self.every)
        value = max(0.1, self.mean + self.spread * (0.5 * math.sin(held * self.first) + 0.5 * math.sin(held * self.second)))
        units = math.floor(value * 10**self.decimals + 0.5)
        whole, rest = divmod(units, 10**self.decimals)
        return f"{whole}.{rest:0{self.decimals}d}" if self.decimals else str(whole)

    def drawn(self):
        held = f"floor(n/{self.every})"
        value = f"max(0.1,{self.mean}+{self.spread}*(0.5*sin({held}*{self.first!r})+0.5*sin({held}*{self.second!r})))"
        scale = 10**self.decimals
        units = f"floor({value}*{scale}+0.5)"
        whole = self.figures(f"floor({units}/{scale})", "")
        return whole + "." + self.figures(f"mod({units},{scale})", f"\\:{self.decimals}") if self.decimals else whole

    @staticmethod
    def figures(expression, places):
        return "%{eif\\:" + expression.replace(",", "\\,") + "\\:d" + places + "}"


def area(rng, font, row, right, width):
    """The rectangle: around the number and its unit, or around the number alone, 1 px more than it takes at most."""
    numbers, label, unit = set(row["shown"]), row["label"], row["unit"]
    up = min(font.getbbox(label + number + unit)[1] for number in numbers)
    boxes = [font.getbbox(number) for number in numbers]
    left, above, beyond, below = (rng.randint(3, 7) for _ in range(4))
    within = rng.random() < 0.5 or not unit
    widest = max(map(font.getlength, numbers))
    if right:
        x1 = width - EDGE - math.floor(font.getlength(unit)) - math.ceil(widest) - (1 if label else left)
        x2 = width - EDGE + (beyond if within else 1 - math.floor(font.getlength(unit)))
    else:
        x1 = row["at"] - (min(left, max(1, int(font.getlength(" ")) - 1)) if label else left)
        with_unit = max(font.getlength(number + unit) for number in numbers)
        x2 = row["at"] + math.ceil(with_unit if within else widest) + (beyond if within else 1)
    y1 = max(0, row["y"] - up + min(box[1] for box in boxes) - above)
    y2 = row["y"] - up + max(box[3] for box in boxes) + below
    return max(0, x1), y1, min(width - 1, x2) - max(0, x1), y2 - y1


def draw(path, seed, faces):
    rng = random.Random(seed)
    size = rng.choice([(1280, 720), (960, 540), (854, 480)])
    behind, face, high = scene(rng, size, seed), rng.choice(faces), rng.choice([16, 17, 18, 20, 22, 24, 28, 32, 36, 44])
    font, look, colour = ImageFont.truetype(face, high), style(rng, high), rng.choice(COLOURS)
    y, x, corner = rng.randint(6, 30), rng.randint(6, 40), rng.random() < 0.5
    texts, drawn = [], {}
    for name, decimals, mean, spread, unit in rng.sample(COUNTERS, rng.choice([1, 2, 2, 3])):
        if name in drawn:
            continue
        wave = Wave(rng, mean, spread, decimals)
        unit = rng.choice(["", " "]) + unit if unit else ""
        label = rng.choice(["", name.split("_")[0].upper() + " ", name.split("_")[0] + ": "])
        shown = [wave.shown(picture) for picture in range(outside.PICTURES)]
        wide = max(font.getlength(number + unit) for number in set(shown))
        right = corner and rng.random() < 0.7
        left = size[0] - EDGE - math.ceil(wide + font.getlength(label)) if corner else x
        text = label.replace(":", "\\:") + wave.drawn() + unit.replace("%", "\\\\%")
        at = f"{size[0] - EDGE}-tw" if right else left
        texts.append(f"drawtext=fontfile={face}:fontsize={high}:fontcolor={colour}{look}:x={at}:y={y}:text='{text}'")
        row = dict(
            shown=shown, label=label, unit=unit, every=wave.every, high=outside.figure_height(font),
            y=y, at=left + math.ceil(font.getlength(label)))
        drawn[name] = area(rng, font, row, right, size[0]), row
        y += int(1.45 * high) + rng.randint(2, 10)
    coder = rng.choice([
        ["libx264", "-preset", "veryfast", "-crf", str(rng.choice([20, 25, 30]))],
        ["libx264", "-preset", "fast", "-b:v", f"{rng.choice([3, 5, 8])}M"],
        ["libx265", "-preset", "ultrafast", "-crf", str(rng.choice([24, 30])), "-x265-params", "log-level=error"],
        ["libvpx-vp9", "-deadline", "realtime", "-cpu-used", "8", "-b:v", "5M"]])
    subprocess.run(
        ["ffmpeg", "-v", "error", "-y", "-f", "lavfi", "-i", behind, "-vf", ",".join(texts), "-frames:v", str(outside.PICTURES),
         "-pix_fmt", "yuv420p", "-c:v", *coder, path], check=True)
    print(f"{seed}: {Path(face).name} {high} px, {colour}{look} over {behind.split('=')[0]}, {coder[0]}", flush=True)
    return drawn


if __name__ == "__main__":
    outside.run(draw)
