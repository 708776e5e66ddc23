<?php

namespace App\ShareOut;

use App\Journal\Journal;
use App\Models\CardNotes;
use App\Models\CardRecord;
use App\Models\Component;
use App\Models\Kit;
use App\Models\Solution;
use App\Models\SolutionKind;
use App\Table\TableState;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Card\Taking as CoreTaking;
use KeepShare\Core\Card\Treated;
use KeepShare\Core\Format\SharedOut;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\Component as CoreComponent;

/**
 * Reads a share-out file again. Its cards use what this kit and the stash have under the same names. They become a
 * saved share-out, to be compared and put on the table.
 */
final readonly class ReadShareOut
{
    public function __construct(private Journal $journal)
    {
    }

    /** @throws BadKit with the place and the reason; then nothing is kept */
    public function read(Kit $kit, string $json, string $name, int $revision): Solution
    {
        $file = SharedOut::read($json);
        $ids = self::idsHere($kit, $file->components);
        $noted = (array) json_decode($json, true)['cards'];
        $cards = [];
        foreach ($file->cards as $i => $card) {
            $cards[] = CardNotes::with(CardRecord::write(self::renamed($card, $ids)), $noted[$i] ?? null);
        }
        if ($cards === []) {
            throw BadKit::at('cards', 'there is none in the file.');
        }

        return $this->journal->act($kit, "Read the share-out \"$name\"", $revision, static fn (): Solution => Solution::query()->create([
            'kit_id' => $kit->id,
            'kind' => SolutionKind::Kept,
            'name' => $name,
            'cards' => $cards,
            'stays' => [],
            'revision' => $kit->revision,
        ]));
    }

    /**
     * @param  array<string, CoreComponent>  $components  of the file, by id
     * @return array<string, string> the ids here, by those of the file
     *
     * @throws BadKit where this kit and the stash have nothing of the kind
     */
    private static function idsHere(Kit $kit, array $components): array
    {
        $here = TableState::of($kit)->core;
        $keys = Component::query()->whereKey(array_map(Component::idOfCore(...), array_keys($here)))->pluck('key', 'id');
        $ids = [];
        foreach ($components as $id => $wanted) {
            $id = (string) $id;
            $best = null;
            foreach ($here as $core => $component) {
                // First the same good, by its id here or in its kit file. Then one with the same name.
                $isSame = $component->kind() === $wanted->kind() && $component->name === $wanted->name;
                $isIt = in_array(rtrim($id, '~'), [$core, $keys->get(Component::idOfCore($core))], true);
                $best = $isSame && ($best === null || $isIt) ? $core : $best;
            }
            $ids[$id] = $best === null
                ? throw BadKit::at('goods', "neither this kit nor the stash has {$wanted->kind()->value} \"$wanted->name\".")
                : $best.(str_ends_with($id, '~') ? '~' : '');
        }

        return $ids;
    }

    /** @param  array<string, string>  $ids */
    private static function renamed(CoreCard $card, array $ids): CoreCard
    {
        return $card->fitted(array_map(static fn (CoreTaking $taking): CoreTaking => $taking->from($ids[$taking->component])->treated(
            array_map(
                static fn (Treated $one): Treated => Treated::by($one->treatment, $ids[$one->tool ?? ''] ?? null, $one->option),
                $taking->treated,
            ),
        ), $card->takings));
    }
}
