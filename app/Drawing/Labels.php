<?php

namespace App\Drawing;

/** What is written for the parts of a drawing that are too small to be written on. */
interface Labels
{
    /** How wide the drawing is with them, in millimetres. */
    public function width(): float;

    /** How high it is with them, in millimetres. */
    public function height(): float;

    public function svg(): string;

    /** @return list<string> what is to be said beside the drawing, since it does not stand on it */
    public function said(): array;
}
