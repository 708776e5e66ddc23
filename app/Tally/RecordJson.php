<?php

namespace App\Tally;

use App\Files\KitExport;
use App\Files\Media;
use App\Files\OfferedAt;
use App\Models\Card;
use App\Models\CardPhoto;
use App\Models\Day;
use App\Models\Kit;

/** The notes on the cards of a kit, with their photographs: keepshare/record, docs/formats/record.md. */
final class RecordJson implements KitExport
{
    private const FLAGS = JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR;

    public function path(): string
    {
        return 'tally/record.json';
    }

    public function label(): string
    {
        return 'The record, to be read again (JSON)';
    }

    public function media(): Media
    {
        return Media::Json;
    }

    public function offeredAt(): OfferedAt
    {
        return OfferedAt::Cards;
    }

    public function fileName(Kit $kit): string
    {
        return 'record.json';
    }

    public function write(Kit $kit): string
    {
        $cards = $kit->cards()->get();
        $photos = CardPhoto::query()->whereIn('card_id', $cards->modelKeys())->pluck('jpeg', 'card_id');
        $days = Day::query()->with('person')->whereKey($cards->pluck('meant_day_id')->filter())->get()->keyBy('id');

        return json_encode([
            'format' => ReadRecord::FORMAT,
            'version' => ReadRecord::VERSION,
            'kit' => $kit->name,
            'cards' => array_values($cards->map(static fn (Card $card): array => array_filter([
                'number' => $card->number,
                'occasion' => $card->occasion->value,
                'made' => $card->made_at?->format('Y-m-d\TH:i:s'),
                'stars' => $card->stars,
                'minutes' => $card->minutes,
                'went_wrong' => $card->went_wrong,
                'notes' => $card->notes,
                'given_to' => $card->given_to,
                'given_on' => $card->given_on?->format('Y-m-d'),
                'meant_for' => self::meant($card, $days->get($card->meant_day_id ?? 0)),
                'photo' => $photos->get($card->id),
            ], static fn (mixed $value): bool => $value !== null && $value !== ''))->all()),
        ], self::FLAGS)."\n";
    }

    /** @return array{name: string, occasion: string, on: string}|null */
    private static function meant(Card $card, ?Day $day): ?array
    {
        return $day === null || $card->meant_on === null
            ? null
            : ['name' => $day->person->name, 'occasion' => $day->occasion->value, 'on' => $card->meant_on->format('Y-m-d')];
    }
}
