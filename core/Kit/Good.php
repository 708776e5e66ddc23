<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Measure\Size;

/**
 * What a component is, apart from its name and number: how it is written and read, how a packing list and a jotted line
 * say it, what is drawn of it.
 *
 * A new kind of component is a class like these and its case in Kind. How it is used up is told by what else the class is:
 * SheetGood, PrintedPaper, Endless, ByLength.
 */
interface Good
{
    public function kind(): Kind;

    /**
     * Reads what is peculiar to it, from a file or a record.
     *
     * @throws BadKit naming the place
     */
    public static function read(GoodFields $fields): self;

    /** @return array<string, mixed> what read() reads */
    public function write(GoodWriter $as): array;

    /** @return array<string, mixed> what a line of a packing list says, as a file has it */
    public static function inRow(TableRow $row): array;

    /** As it is jotted down, with what is usual where the line says nothing. */
    public static function jotted(Jotting $line): self;

    /** How many a line without a number means; null where it must say. */
    public static function usualCount(): ?int;

    /** Where it stands in a packing list. */
    public static function group(): KindGroup;

    /** Nobody counts this one. */
    public function isPlenty(): bool;

    /** Its size over all; null of what has none. */
    public function extent(): ?Size;

    /** @return list<Colour> what it is drawn in, the largest first; of sheets none, since their faces have theirs */
    public function colours(): array;
}
