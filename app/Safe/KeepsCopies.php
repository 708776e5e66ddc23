<?php

namespace App\Safe;

use App\Database\Trouble;
use Closure;
use Illuminate\Http\Request;
use PDOException;
use Symfony\Component\HttpFoundation\Response;

/** After the first page of a day was sent, a copy of the table is saved. What was left lying about is swept away. */
final class KeepsCopies
{
    public function handle(Request $request, Closure $next): Response
    {
        return $next($request);
    }

    public function terminate(): void
    {
        try {
            KeepCopy::whereDue();
            Sweep::whereDue();
        } catch (PDOException $failed) {
            // The page was sent, and the next one says what is the matter.
            if (Trouble::of($failed) === null) {
                throw $failed;
            }
        }
    }
}
