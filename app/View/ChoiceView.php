<?php

namespace App\View;

use BackedEnum;
use Closure;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Occasions;

/**
 * Something to choose from.
 *
 * @phpstan-type Choice array{key: string, label: string}
 */
final class ChoiceView
{
    /** @return list<Choice> in the maker's order */
    public static function occasions(): array
    {
        return array_map(static fn (Occasion $one): array => ['key' => $one->value, 'label' => $one->label()], Occasions::all());
    }

    /**
     * @template T of BackedEnum
     *
     * @param  list<T>  $cases
     * @param  Closure(T): string  $says
     * @return list<Choice>
     */
    public static function all(array $cases, Closure $says): array
    {
        return array_map(static fn (BackedEnum $case): array => ['key' => (string) $case->value, 'label' => $says($case)], $cases);
    }
}
