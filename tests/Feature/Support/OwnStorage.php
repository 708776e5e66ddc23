<?php

namespace Tests\Feature\Support;

use Illuminate\Support\Facades\File;

trait OwnStorage
{
    /** A folder for files that is deleted after the test. */
    protected function ownStorage(): string
    {
        $folder = sys_get_temp_dir().'/keepshare-test-'.bin2hex(random_bytes(6));
        foreach (['app', 'framework/views', 'framework/cache/data'] as $inside) {
            File::ensureDirectoryExists("$folder/$inside");
        }
        app()->useStoragePath($folder);
        $this->beforeApplicationDestroyed(static fn () => File::deleteDirectory($folder));

        return $folder;
    }
}
