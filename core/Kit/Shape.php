<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** The outline of a die cut or sticker; the interface draws each its own way. */
enum Shape: string
{
    case Lantern = 'lantern';
    case Gull = 'gull';
    case Lighthouse = 'lighthouse';
    case Boat = 'boat';
    case Anchor = 'anchor';
    case Knot = 'knot';
    case Shell = 'shell';
    case Fish = 'fish';
    case Wheel = 'wheel';
    case Tag = 'tag';
    case Label = 'label';
    case Frame = 'frame';
    case Banner = 'banner';
    case Circle = 'circle';
    case Heart = 'heart';
    case Star = 'star';
    case Flower = 'flower';
    case Leaf = 'leaf';
    case Sheep = 'sheep';
    case Cottage = 'cottage';
    case Mitten = 'mitten';
    case Cup = 'cup';
    case Tree = 'tree';
}
