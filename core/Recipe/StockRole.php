<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Finish;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\Role;

/** What cardstock does on the cards of a recipe, whichever it will be. */
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

    /** Whether a cardstock does it as it was meant; any other will do where there is none. */
    public function suits(Cardstock $good): bool
    {
        return match ($this) {
            self::Mirror => $good->shines(),
            self::DarkMat => ! $good->shines() && ! $good->front->isLight(),
            self::LightMat, self::Plain => ! $good->shines() && $good->front->isLight(),
        };
    }

    /** What stands for it while nobody knows which it will be. */
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
