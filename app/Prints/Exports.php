<?php

namespace App\Prints;

use InvalidArgumentException;

/** Every file that leaves the application, in the order in which they are offered. */
final class Exports
{
    private const ALL = [
        KitJson::class,
        ShareOutJson::class,
        ShareOutCsv::class,
        ShareOutPdf::class,
        BagLabels::class,
        RunsPdf::class,
        ShoppingPdf::class,
        ShoppingText::class,
        ShoppingCsv::class,
        AllFacesSvg::class,
        AllFacesPdf::class,
        RecordJson::class,
        CardPlan::class,
        CardSteps::class,
        CardSvg::class,
        SheetPdf::class,
        SheetSvg::class,
        RecipePdf::class,
        RecipeJson::class,
        ClassHandOut::class,
        ClassLeader::class,
    ];

    /** @return list<Export> */
    public static function all(): array
    {
        return array_map(static fn (string $export): Export => new $export, self::ALL);
    }

    /**
     * The one of this class, as a route names it.
     *
     * @throws InvalidArgumentException where there is none such
     */
    public static function named(string $class): Export
    {
        return in_array($class, self::ALL, true) ? new $class : throw new InvalidArgumentException("$class is no file that leaves.");
    }

    /**
     * @template T of Export
     *
     * @param  class-string<T>  $kind
     * @return list<T>
     */
    public static function of(string $kind): array
    {
        return array_values(array_filter(self::all(), static fn (Export $export): bool => $export instanceof $kind));
    }
}
