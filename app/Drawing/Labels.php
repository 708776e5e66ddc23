<?php

namespace App\Drawing;

/** The labels of the parts of a drawing that are too small for text. */
interface Labels
{
    /** The width of the drawing with them, in millimetres. */
    public function width(): float;

    /** The height of the drawing with them, in millimetres. */
    public function height(): float;

    public function svg(): string;

    /** @return list<string> what is to be said beside the drawing, since it does not stand on it */
    public function said(): array;
}
