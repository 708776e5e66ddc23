<?php

namespace App\Unpack;

use App\Acts\NotEnough;
use App\Cutting\IsCut;
use App\Journal\Journal;
use App\Ledger\InUse;
use App\Ledger\Ledger;
use App\Models\Component;
use App\Models\Kit;
use App\Models\LedgerEntry;
use App\Models\LedgerReason;
use App\Models\Photo;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Solution;
use App\Models\Taking;
use Closure;
use Illuminate\Validation\ValidationException;
use KeepShare\Core\Entry\Guesses;
use KeepShare\Core\Kit\Fields;
use KeepShare\Core\Kit\GoodFields;
use KeepShare\Core\Kit\GoodWriter;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Size;

/** Corrects a line of the packing list: its name, size, number or colours, or all of it. */
final readonly class CorrectLine
{
    public function __construct(private Journal $journal, private Ledger $ledger)
    {
    }

    public function rename(Kit $kit, Component $line, string $name, int $revision): void
    {
        $this->act($kit, "Call $line->name $name", $revision, static fn () => $line->refresh()->update(['name' => $name]));
    }

    /** @throws InUse where something has been made of it already */
    public function resize(Kit $kit, Component $line, Size $size, int $revision): void
    {
        $this->act($kit, "Size of $line->name", $revision, static function () use ($line, $size): void {
            self::refuseUsed($line->refresh());
            $at = match ($line->kind) {
                Kind::Base => 'front',
                Kind::Tool => 'makes',
                default => 'size',
            };
            $details = [...$line->details, $at => GoodWriter::sizeIn($size, null)];
            $good = $line->kind->good()::read(GoodFields::of(Fields::of($details, $line->key, null)));
            $guesses = array_values(array_diff($line->guesses, [Guesses::SIZE]));
            $line->update(['details' => GoodWriter::write($good, null), 'guesses' => $guesses]);
            $sides = ['width' => $size->width->units, 'height' => $size->height->units];
            Sheet::query()->where('component_id', $line->id)->get()->each->update($good instanceof SheetGood ? $sides : []);
        });
    }

    /** @throws NotEnough|IsCut where more would go than lies there untouched */
    public function relist(Kit $kit, Component $line, int $count, int $revision): void
    {
        $this->act($kit, "Number of $line->name: $count", $revision, function () use ($line, $count): void {
            $more = $count - $line->refresh()->listed;
            if ($more > 0) {
                $this->ledger->add($line, $more, LedgerReason::Unpacked);
            }
            if ($more < 0) {
                $this->ledger->take($line, -$more, LedgerReason::Unpacked);
                // They were never there: a sheet that is only on the list is not a spoiled one.
                $gone = Sheet::query()->where(['component_id' => $line->id, 'state' => SheetState::Spoiled, 'is_whole' => true]);
                $gone->orderByDesc('id')->limit(-$more)->get()->each->delete();
            }
            $line->update(['listed' => $count]);
        });
    }

    /** @throws ValidationException where the line has no colour there */
    public function recolour(Kit $kit, Component $line, string $at, string $hex, int $revision): void
    {
        $this->act($kit, "Colour of $line->name", $revision, static function () use ($line, $at, $hex): void {
            $details = ColourPlaces::with($line->refresh(), $at, $hex)
                ?? throw ValidationException::withMessages(['value' => "$line->name has no such colour."]);
            $line->update(['details' => $details, 'guesses' => array_values(array_diff($line->guesses, [Guesses::COLOUR]))]);
        });
    }

    /** Confirms what was assumed. */
    public function confirm(Kit $kit, Component $line, int $revision): void
    {
        $this->act($kit, "Right: $line->name", $revision, static fn () => $line->refresh()->update(['guesses' => []]));
    }

    /** @throws InUse where something has been made of it already */
    public function takeOut(Kit $kit, Component $line, int $revision): void
    {
        $this->act($kit, "Take $line->name off the list", $revision, static function () use ($line): void {
            self::refuseUsed($line->refresh());
            Photo::query()->where('component_id', $line->id)->get()->each->delete();
            Sheet::query()->where('component_id', $line->id)->get()->each->delete();
            LedgerEntry::query()->where('component_id', $line->id)->get()->each->delete();
            $line->delete();
        });
    }

    private static function refuseUsed(Component $line): void
    {
        $isCut = Sheet::query()->where('component_id', $line->id)
            ->where(static fn ($sheet) => $sheet->where('is_whole', false)->orWhereNotNull('part')->orWhere('state', SheetState::Cut))
            ->exists();
        $isKept = Solution::query()->where('cards', 'like', "%\"component_id\":$line->id,%")->exists();
        if ($isCut || $isKept || Taking::query()->where('component_id', $line->id)->exists()) {
            throw InUse::of($line->name);
        }
    }

    /** @param  Closure(): mixed  $do */
    private function act(Kit $kit, string $name, int $revision, Closure $do): void
    {
        $this->journal->act($kit, $name, $revision, $do);
    }
}
