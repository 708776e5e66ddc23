<?php

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Rules that PHPStan holds the code to. */
final class LayersTest
{
    /** The core knows the language and itself; not the framework, not the application, no package at all. */
    public function test_core_stands_alone(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('KeepShare\Core'))
            ->canOnly()
            ->dependOn()
            ->classes(Selector::inNamespace('KeepShare\Core'), Selector::isStandardClass())
            ->because('the rules of the job are tested and read on their own');
    }

    public function test_models_know_no_pages(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Models'))
            ->shouldNot()
            ->dependOn()
            ->classes(Selector::inNamespace('App\Http'), Selector::inNamespace('App\Pages'), Selector::inNamespace('App\Actions'))
            ->because('records are used by pages and actions, not the other way round');
    }
}
