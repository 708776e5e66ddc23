<?php

namespace App\Journal;

/** A record whose changes are noted with the act they belong to, so that they can be undone. */
trait Journalled
{
    protected static function bootJournalled(): void
    {
        static::created(
            static fn (self $record) => app(Journal::class)->note($record, null, $record->getAttributes()),
        );
        static::updated(
            static fn (self $record) => app(Journal::class)->note(
                $record,
                $record->getRawOriginal(),
                $record->getAttributes(),
            ),
        );
        static::deleted(
            static fn (self $record) => app(Journal::class)->note($record, $record->getRawOriginal(), null),
        );
    }
}
