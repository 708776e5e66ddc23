<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

/** How a group of embellishments lies on a sketch. */
enum Cluster: string
{
    /** A loose triangle round the focal point. */
    case Triangle = 'triangle';
    /** A row under the focal point. */
    case Row = 'row';
    /** Three corners of the focal point. */
    case Corners = 'corners';
}
