<?php

namespace App\Safe;

use App\Models\Card;
use App\Models\CardPhoto;
use App\Models\ClassPlan;
use App\Models\Component;
use App\Models\CsvMapping;
use App\Models\CutPlan;
use App\Models\Day;
use App\Models\Kit;
use App\Models\LedgerEntry;
use App\Models\OwnArrangement;
use App\Models\OwnOccasion;
use App\Models\OwnRecipe;
use App\Models\OwnSketch;
use App\Models\Palette;
use App\Models\Person;
use App\Models\Photo;
use App\Models\PostLimit;
use App\Models\ScrapMove;
use App\Models\Setting;
use App\Models\Sheet;
use App\Models\Solution;
use App\Models\StepMark;
use App\Models\Taking;
use App\Models\Waiver;
use Illuminate\Support\Facades\Schema;

/** Everything on the table, parents before the records that depend on them. A new kind of record is a line. */
final class RecordKinds
{
    /** @return array<string, RecordKind> by table */
    public static function all(): array
    {
        $component = Mention::text('components', 'c');
        $sketch = Mention::text('sketches', 'own-');
        $arrangement = Mention::text('arrangements', 'own-');
        $treated = Mention::each(Mention::at(['tool' => $component]));
        $card = [
            'sketch' => $sketch,
            'design' => Mention::at(['key' => $sketch]),
            'arrangement' => $arrangement,
            'arranged' => Mention::at(['key' => $arrangement]),
        ];
        $taking = Mention::at(['component_id' => Mention::id('components'), 'treated' => $treated]);
        $kinds = [
            RecordKind::knownBy(Person::class, 'name'),
            RecordKind::knownBy(Day::class, 'person_id', 'occasion', 'month', 'day', 'year'),
            RecordKind::knownBy(PostLimit::class, 'name'),
            RecordKind::knownBy(Setting::class, 'name'),
            RecordKind::knownBy(OwnOccasion::class, 'key'),
            RecordKind::knownBy(CsvMapping::class, 'header_hash'),
            RecordKind::of(Kit::class, [
                'wishes' => Mention::at(['uses' => Mention::keys($component), 'sketches_off' => Mention::each($sketch)]),
            ]),
            RecordKind::of(OwnSketch::class, ['definition' => Mention::at(['key' => $sketch])]),
            RecordKind::of(OwnArrangement::class, ['definition' => Mention::at(['key' => $arrangement])]),
            RecordKind::of(OwnRecipe::class),
            RecordKind::of(ClassPlan::class, ['cards' => Mention::at(['recipe' => Mention::text('recipes', 'own-')])]),
            RecordKind::of(Palette::class, ['surfaces' => Mention::each($component)]),
            RecordKind::of(Component::class),
            RecordKind::of(LedgerEntry::class),
            RecordKind::pictures(Photo::class),
            RecordKind::of(ScrapMove::class),
            RecordKind::of(Sheet::class),
            RecordKind::of(Card::class, $card),
            RecordKind::pictures(CardPhoto::class),
            RecordKind::of(Taking::class, ['treated' => $treated]),
            RecordKind::of(CutPlan::class, ['tree' => Mention::pieces()]),
            RecordKind::of(Waiver::class),
            RecordKind::of(StepMark::class),
            RecordKind::of(Solution::class, [
                'cards' => Mention::each(Mention::at([...$card, 'takings' => Mention::each($taking)])),
                'stays' => Mention::each(Mention::id('cards')),
            ]),
        ];

        return array_column($kinds, null, 'table');
    }

    /** @return array<string, RecordKind> those the database has, which may be older than the application */
    public static function here(): array
    {
        return array_filter(self::all(), static fn (RecordKind $kind): bool => Schema::hasTable($kind->table));
    }
}
