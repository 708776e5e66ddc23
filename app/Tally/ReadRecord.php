<?php

namespace App\Tally;

use App\Journal\Journal;
use App\Models\Card;
use App\Models\CardPhoto;
use App\Models\Day;
use App\Models\Kit;
use App\Models\Person;
use Illuminate\Support\Collection;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\Fields;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\OpenFile;

/**
 * Reads a keepshare/record file again, for the cards of the same kit with those numbers: all of it or nothing.
 *
 * @phpstan-type Meant array{name: string, occasion: Occasion, on: string}
 */
final readonly class ReadRecord
{
    public const FORMAT = 'keepshare/record';

    public const VERSION = 1;

    private const LONGEST = 2_000;

    private const MOST_PHOTO_BYTES = 4_000_000;

    public function __construct(private Journal $journal)
    {
    }

    /**
     * @return int how many cards it was of
     *
     * @throws BadKit with the place and the reason
     */
    public function read(Kit $kit, string $json, int $revision): int
    {
        $data = OpenFile::read($json, self::FORMAT, self::VERSION, 'records');
        $cards = $kit->cards()->get()->keyBy('number');
        $read = [];
        foreach (Fields::of($data, '', null)->items('cards') as $i => $item) {
            $fields = Fields::of($item, "cards[$i]", null);
            $number = $fields->count('number', 100_000);
            $card = $cards->get($number) ?? throw BadKit::at("cards[$i].number", "this kit has no card $number.");
            $read[$number] = isset($read[$number])
                ? throw BadKit::at("cards[$i].number", "there is a card $number already.")
                : [$card, self::columns($fields), self::meant($fields), self::photo($fields)];
        }
        $this->journal->act($kit, 'Read a record', $revision, static fn () => self::keep($read));

        return count($read);
    }

    /**
     * What is read of each card: the card, its columns, the person it is meant for, its photograph.
     *
     * @param  array<int, array{Card, array<string, mixed>, Meant|null, string|null}>  $read
     */
    private static function keep(array $read): void
    {
        $people = Person::query()->with('days')->get()->keyBy('name');
        foreach ($read as [$card, $columns, $meant, $photo]) {
            $day = $meant === null ? null : self::day($people, $meant);
            $means = $day === null ? [] : ['meant_for_id' => $day->person_id, 'meant_day_id' => $day->id, 'meant_on' => $meant['on']];
            $card->update([...$columns, ...$means]);
            if ($photo !== null) {
                CardPhoto::query()->where('card_id', $card->id)->get()->each->delete();
                CardPhoto::query()->create(['card_id' => $card->id, 'jpeg' => $photo]);
            }
        }
    }

    /** @return array<string, mixed> of the card; whether it is made says Make alone */
    private static function columns(Fields $fields): array
    {
        $stars = $fields->has('stars') ? $fields->count('stars', 5) : 0;

        return [
            'stars' => $stars === 0 ? null : $stars,
            'minutes' => $fields->has('minutes') ? $fields->count('minutes', 6_000) : null,
            'went_wrong' => $fields->text('went_wrong', '', self::LONGEST),
            'notes' => $fields->text('notes', '', self::LONGEST),
            'given_to' => $fields->text('given_to', '', 120),
            'given_on' => $fields->has('given_on') ? $fields->day('given_on') : null,
        ];
    }

    /** @return Meant|null */
    private static function meant(Fields $fields): ?array
    {
        if (! $fields->has('meant_for')) {
            return null;
        }
        $meant = $fields->object('meant_for');

        return ['name' => $meant->text('name'), 'occasion' => $meant->occasion('occasion'), 'on' => $meant->day('on')];
    }

    /**
     * The day, if it is known here. Unknown people are not made up.
     *
     * @param  Collection<int|string, Person>  $people
     * @param  Meant  $meant
     */
    private static function day(Collection $people, array $meant): ?Day
    {
        return $people->get($meant['name'])?->days->first(
            static fn (Day $day): bool => $day->occasion->equals($meant['occasion'])
                && sprintf('%02d-%02d', $day->month, $day->day) === substr($meant['on'], 5),
        );
    }

    private static function photo(Fields $fields): ?string
    {
        if (! $fields->has('photo')) {
            return null;
        }
        $photo = $fields->text('photo', null, self::MOST_PHOTO_BYTES);
        $jpeg = base64_decode($photo, true);
        $is = $jpeg === false ? false : @getimagesizefromstring($jpeg);

        return $is !== false && $is['mime'] === 'image/jpeg'
            ? $photo
            : throw BadKit::at($fields->place('photo'), 'this is no JPEG picture in base64.');
    }
}
