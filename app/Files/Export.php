<?php

namespace App\Files;

/**
 * A file about a kit, a card, a sheet, a recipe or a class. To add one, write a class that is a KitExport, CardExport,
 * SheetExport, RecipeExport or ClassExport, and its line in its room. Its address and its link on the page follow.
 */
interface Export
{
    /** Its address below that of the thing it is about. */
    public function path(): string;

    public function label(): string;

    public function media(): Media;

    public function offeredAt(): OfferedAt;
}
