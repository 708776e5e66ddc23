<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Measure\Size;

/**
 * What a component is, apart from its name and number: how it is written and read, how a packing list and a typed line
 * say it, and what is drawn of it.
 *
 * A new kind of component is a class like these and its case in Kind. Its further interfaces say how it is used up:
 * SheetGood, PrintedPaper, Endless, ByLength.
 */
interface Good
{
    public function kind(): Kind;

    /**
     * Reads its own fields from a file or a record.
     *
     * @throws BadKit naming the place
     */
    public static function read(GoodFields $fields): self;

    /** @return array<string, mixed> what read() reads */
    public function write(GoodWriter $as): array;

    /** @return array<string, mixed> what a line of a packing list says, as a file has it */
    public static function inRow(TableRow $row): array;

    /** From a typed line, with assumptions for what the line does not say. */
    public static function jotted(Jotting $line): self;

    /** How many a line without a number means. Null if the line must say. */
    public static function usualCount(): ?int;

    /** Its place in a packing list. */
    public static function group(): KindGroup;

    /** Whether nobody counts this one. */
    public function isPlenty(): bool;

    /** Its full size. Null if it has none. */
    public function extent(): ?Size;

    /** @return list<Colour> what it is drawn in, the largest first; of sheets none, since their faces have theirs */
    public function colours(): array;
}
