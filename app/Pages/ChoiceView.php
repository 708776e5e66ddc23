<?php

namespace App\Pages;

use BackedEnum;
use Closure;

/**
 * Something to choose from.
 *
 * @phpstan-type Choice array{key: string, label: string}
 */
final class ChoiceView
{
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
