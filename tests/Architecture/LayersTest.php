<?php

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Rules that PHPStan checks. */
final class LayersTest
{
    /** The core uses PHP and itself: not the framework, not the application, and no package. */
    public function test_core_stands_alone(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('KeepShare\Core'))
            ->canOnly()
            ->dependOn()
            ->classes(Selector::inNamespace('KeepShare\Core'), Selector::isStandardClass())
            ->because('the rules of the job are tested and read on their own');
    }

    /**
     * A room uses shared code and the core. What two rooms need is shared.
     *
     * @return iterable<Rule>
     */
    public function test_no_room_needs_another(): iterable
    {
        foreach (self::rooms() as $room) {
            $others = array_diff(self::rooms(), [$room]);
            yield PHPat::rule()
                ->classes(Selector::inNamespace("App\\$room"))
                ->shouldNot()
                ->dependOn()
                ->classes(...array_map(static fn (string $other) => Selector::inNamespace("App\\$other"), array_values($others)))
                ->because('whoever changes a room has to read that room alone');
        }
    }

    /** Shared code does not use rooms. */
    public function test_what_is_shared_needs_no_room(): Rule
    {
        $inRoom = array_map(static fn (string $room) => Selector::inNamespace("App\\$room"), self::rooms());
        $outside = array_map(static fn (string $one) => Selector::inNamespace("App\\$one"), ['Console', 'Providers']);

        return PHPat::rule()
            ->classes(Selector::inNamespace('App'))
            ->excluding(...$inRoom, ...$outside)
            ->shouldNot()
            ->dependOn()
            ->classes(...$inRoom)
            ->because('rooms use what is shared, not the other way round');
    }

    /** Code for developers is not used by anything that runs. */
    public function test_nothing_needs_the_tools(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App'), Selector::inNamespace('KeepShare\Core'), Selector::inNamespace('Database'))
            ->shouldNot()
            ->dependOn()
            ->classes(Selector::inNamespace('Tools'))
            ->because('the application runs without them');
    }

    /** @return list<string> */
    private static function rooms(): array
    {
        /** @var list<class-string> $rooms */
        $rooms = require __DIR__.'/../../config/rooms.php';

        return array_map(static fn (string $room): string => explode('\\', $room)[1], $rooms);
    }
}
