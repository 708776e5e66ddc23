<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Finish;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\Role;

/** The role of cardstock on the cards of a recipe, before it is chosen. */
enum StockRole: string
{
    case DarkMat = 'dark-mat';
    case LightMat = 'light-mat';
    case Plain = 'plain';
    case Mirror = 'mirror';

    /** "dark mat" */
    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    /** @param  Cardstock|null  $good  what it was cut from; null where that is not known yet */
    public static function of(?Role $role, ?Cardstock $good): self
    {
        $isMat = $role === Role::Mat || $role === Role::Strip;

        return match (true) {
            $good?->shines() === true => self::Mirror,
            ! $isMat => self::Plain,
            default => $good?->front->isLight() === true ? self::LightMat : self::DarkMat,
        };
    }

    /** Whether a cardstock fits the role. Any other will do if none fits. */
    public function suits(Cardstock $good): bool
    {
        return match ($this) {
            self::Mirror => $good->shines(),
            self::DarkMat => ! $good->shines() && ! $good->front->isLight(),
            self::LightMat, self::Plain => ! $good->shines() && $good->front->isLight(),
        };
    }

    /** Stands for the cardstock before it is chosen. */
    public function component(Size $sheet): Component
    {
        $colour = match ($this) {
            self::DarkMat => '#6f6a62',
            self::LightMat => '#ece7dc',
            self::Plain => '#f7f5f0',
            self::Mirror => '#d9cfae',
        };
        $finish = $this === self::Mirror ? Finish::Mirror : Finish::Plain;

        $good = Cardstock::of($sheet, Colour::fromHex($colour), null, $finish);

        return Component::of($this->value, "Cardstock, {$this->label()}", $good, 1);
    }
}
