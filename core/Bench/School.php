<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

/** Makers disagree here: one tool at a time for all cards, or each card finished before the next. */
enum School: string
{
    case Runs = 'runs';
    case Cards = 'cards';
}
