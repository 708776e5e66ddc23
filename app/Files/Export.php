<?php

namespace App\Files;

/**
 * A file of a kit, a card, a sheet, a recipe or a class. To add one: a class that is a KitExport, CardExport, SheetExport,
 * RecipeExport or ClassExport, and its line
 * in Exports; its address and its link on the page follow.
 */
interface Export
{
    /** Its address under that of what it is of. */
    public function path(): string;

    public function label(): string;

    public function media(): Media;

    public function offeredAt(): OfferedAt;
}
