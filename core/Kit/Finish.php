<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** The surface of a cardstock. */
enum Finish: string
{
    case Plain = 'plain';
    case Mirror = 'mirror';
    case Glitter = 'glitter';
    case Vellum = 'vellum';
    case Watercolour = 'watercolour';
    case Acetate = 'acetate';
}
