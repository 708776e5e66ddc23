<?php

namespace Tools\Bench;

use Closure;
use Database\Demo\Demo;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** A table of a bench's own, with the demo and without a worker. It is deleted at the end. */
final class OwnTable
{
    /**
     * @template T
     *
     * @param  Closure(): T  $do
     * @return T
     */
    public static function with(Closure $do): mixed
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'bench');
        config([
            'database.connections.sqlite.database' => $path,
            'session.driver' => 'array',
            'cache.default' => 'array',
            'queue.default' => 'null',
            'queue.connections.null' => ['driver' => 'null'],
        ]);
        DB::purge();
        try {
            Artisan::call('migrate', ['--force' => true]);
            app(Demo::class)->lay();

            return $do();
        } finally {
            array_map(unlink(...), glob("$path*") ?: []);
        }
    }
}
