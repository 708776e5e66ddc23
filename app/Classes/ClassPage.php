<?php

namespace App\Classes;

use App\Models\Card;
use App\Models\ClassPlan;
use App\Models\Kit;
use App\Table\RecipeShelf;
use App\View\ChoiceView;
use App\View\Page;
use App\Wording\Wording;
use KeepShare\Core\Workshop\Workshop;

/**
 * The classes of this kit, and what another can be prepared from.
 *
 * @phpstan-import-type Choice from ChoiceView
 *
 * @phpstan-type PreparedClass array{id: int, name: string, says: string, packed: int, people: int}
 * @phpstan-type ClassCard array{number: int, says: string}
 */
final readonly class ClassPage extends Page
{
    /**
     * @param  list<PreparedClass>  $classes
     * @param  list<ClassCard>  $cards  of the share-out
     * @param  list<Choice>  $recipes
     * @param  string  $recipe  the key of the one that was asked for; empty for the cards of the share-out
     */
    private function __construct(
        public array $classes,
        public array $cards,
        public array $recipes,
        public string $recipe,
        public int $mostPeople,
    ) {
    }

    public static function of(Kit $kit, string $recipe): self
    {
        $cards = $kit->cards()->with('takings')->get()->map(static fn (Card $card): array => [
            'number' => $card->number,
            'says' => "{$card->toSketch()->name}, {$card->occasion->label()}",
        ]);
        $recipes = [];
        foreach (RecipeShelf::all() as $key => $one) {
            $recipes[] = ['key' => (string) $key, 'label' => $one->name.', '.Wording::plural(count($one->cards), 'card')];
        }
        $classes = ClassPlan::query()->where('kit_id', $kit->id)->with('kit')->orderBy('id')->get();

        return new self(
            array_values($classes->map(self::prepared(...))->all()),
            array_values($cards->all()),
            $recipes,
            RecipeShelf::has($recipe) ? $recipe : '',
            Workshop::MOST_PEOPLE,
        );
    }

    /** @return PreparedClass */
    private static function prepared(ClassPlan $class): array
    {
        $workshop = ClassTable::of($class)->workshop;
        $all = count($workshop->bag());
        $packed = 0;
        for ($bag = 1; $bag <= $class->people; $bag++) {
            $packed += $all > 0 && count($class->packedIn($bag)) >= $all ? 1 : 0;
        }

        return [
            'id' => $class->id,
            'name' => $class->name,
            'says' => Wording::plural(count($workshop->cards), 'card').' each',
            'packed' => $packed,
            'people' => $class->people,
        ];
    }
}
