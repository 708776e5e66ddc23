<?php

namespace App\Journal;

/** A record whose every change is written down with the act it belongs to, so that it can be taken back. */
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
