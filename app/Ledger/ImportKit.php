<?php

namespace App\Ledger;

use App\Journal\Journal;
use App\Models\Component;
use App\Models\Kit;
use App\Models\LedgerReason;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\Component as CoreComponent;
use KeepShare\Core\Kit\GoodWriter;
use KeepShare\Core\Kit\Kit as CoreKit;
use KeepShare\Core\Kit\KitDesigns;
use KeepShare\Core\Kit\KitFile;

/** Brings a kit in from a keepshare/kit file: all of it, or nothing. */
final readonly class ImportKit
{
    public function __construct(private Journal $journal, private Ledger $ledger)
    {
    }

    /** @throws BadKit */
    public function fromFile(string $json): Kit
    {
        return $this->bringIn(KitFile::read($json));
    }

    public function bringIn(CoreKit $kit): Kit
    {
        return $this->journal->actOnShelf("Bring in {$kit->name}", fn (): Kit => $this->write($kit, false));
    }

    /** A second kit with the packing list of the first. */
    public function duplicate(Kit $kit): Kit
    {
        $core = $kit->toCore();

        return $this->journal->actOnShelf("Duplicate $kit->name", fn (): Kit => $this->write($core->named("$core->name, second"), false));
    }

    /**
     * Adds lines to a kit that is there.
     *
     * @param  list<CoreComponent>  $components  with ids the kit does not use yet
     */
    public function append(Kit $kit, array $components): void
    {
        $names = count($components) === 1 ? $components[0]->name : count($components).' lines';
        $this->journal->within($kit, "Add $names", null, function () use ($kit, $components): void {
            $position = (int) $kit->components()->max('position');
            foreach ($components as $component) {
                $this->unpack($kit, $component, ++$position);
            }
        });
    }

    /** Writes a kit outside any act, as the demo does. */
    public function write(CoreKit $kit, bool $isStash): Kit
    {
        KeepOccasions::meet($kit->occasions);
        $record = Kit::query()->create([
            'name' => $kit->name,
            'is_stash' => $isStash,
            'unit' => $kit->unit,
            'front_width' => $kit->front->width->units,
            'front_height' => $kit->front->height->units,
            'promised' => $kit->promised,
            'price_minor' => $kit->price?->minor,
            'currency' => $kit->price?->currency,
            'theme' => $kit->theme,
            'bought_on' => $kit->boughtOn,
            'instructions' => $kit->instructions,
            'designs' => KitDesigns::write($kit->designs),
        ]);
        foreach ($kit->components as $position => $component) {
            $this->unpack($record, $component, $position);
        }

        return $record->refresh();
    }

    private function unpack(Kit $kit, CoreComponent $component, int $position): void
    {
        $record = Component::query()->create([
            'kit_id' => $kit->id,
            'key' => $component->id,
            'kind' => $component->kind(),
            'name' => $component->name,
            'details' => GoodWriter::write($component->good, null),
            'listed' => $component->count,
            'position' => $position,
            'guesses' => $component->guesses,
        ]);
        $this->ledger->add($record, $component->count, LedgerReason::Unpacked);
    }
}
