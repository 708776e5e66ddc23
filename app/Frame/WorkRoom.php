<?php

namespace App\Frame;

use App\Files\Export;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\View\Middleware\ShareErrorsFromSession;

/**
 * A place of the work with everything that belongs to it. To add one: a class here and its line in config/rooms.php.
 */
abstract class WorkRoom
{
    /** Left out for requests that come with every key, so that they do not race with the session of an act. */
    protected const SESSION = [StartSession::class, ShareErrorsFromSession::class, ValidateCsrfToken::class, HandleInertiaRequests::class];

    /** @return list<StagePage> the pages of a kit that it has */
    public function pages(): array
    {
        return [];
    }

    /** @return list<Export> the files that leave it, in the order in which they are offered */
    public function exports(): array
    {
        return [];
    }

    /** Its addresses that are not below a kit. */
    public function aboveKits(): void
    {
    }

    /** Its addresses below that of a kit. */
    public function ofKit(): void
    {
    }
}
