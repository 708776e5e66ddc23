<?php

use App\Acts\CannotAct;
use App\Database\Trouble;
use App\Door\DeviceAccess;
use App\Frame\AnswersAtOnce;
use App\Frame\Gone;
use App\Frame\HandleInertiaRequests;
use App\Frame\InTrouble;
use App\Http\Middleware\Compressed;
use App\Http\Middleware\KnownHosts;
use App\Http\Middleware\LetIn;
use App\Http\Middleware\OwnOrigin;
use App\Http\Middleware\OwnRecords;
use App\Http\Middleware\SecureHeaders;
use App\Http\Middleware\StartSession;
use App\Http\Middleware\TextsOnly;
use App\Journal\CannotUndo;
use App\Journal\StaleTable;
use App\Models\Kit;
use App\Safe\KeepsCopies;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as FrameworkSession;
use KeepShare\Core\Refusal;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Tools\Commands;

// What is written is its owner's to read: the table, sessions, copies, logs.
umask(0077);

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php')
    // Those of the developers are not there where only the application is installed.
    ->withCommands([__DIR__.'/../app/Console/Commands', ...class_exists(Commands::class) ? Commands::ALL : []])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->encryptCookies(except: ['theme', DeviceAccess::COOKIE]);
        $middleware->prepend([SecureHeaders::class, Compressed::class, KnownHosts::class, OwnOrigin::class, LetIn::class]);
        $middleware->web(
            append: [TextsOnly::class, OwnRecords::class, HandleInertiaRequests::class, AnswersAtOnce::class, KeepsCopies::class],
            replace: [FrameworkSession::class => StartSession::class],
        );
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // What a cardmaker can be told goes back to the page it was asked from, by the field it concerns.
        $told = static fn (string $field, string $message): RedirectResponse => back()->withInput()->withErrors([$field => $message]);
        $exceptions->dontReport([Refusal::class, StaleTable::class, CannotUndo::class, CannotAct::class]);
        $exceptions->dontReportWhen(static fn (Throwable $exception): bool => Trouble::of($exception) === Trouble::Busy);
        // A kit that is not there, perhaps since another table was opened: back to the shelf, which has those that are.
        $exceptions->render(static function (NotFoundHttpException $none, Request $request): ?Response {
            $isKit = $none->getPrevious() instanceof ModelNotFoundException && $none->getPrevious()->getModel() === Kit::class;

            return $isKit && $request->isMethodSafe()
                ? to_route('shelf')->withErrors(['table' => 'There is no such kit.'])
                : Gone::answer($request);
        });
        $exceptions->render(static function (PDOException $failed, Request $request): ?Response {
            $trouble = Trouble::of($failed);

            return $trouble === null ? null : InTrouble::answer($request, $trouble);
        });
        $exceptions->render(fn (StaleTable $stale) => $told('table', $stale->getMessage()));
        $exceptions->render(fn (CannotAct $cannot) => $told('table', $cannot->getMessage()));
        $exceptions->render(fn (CannotUndo $cannot) => $told('undo', $cannot->getMessage()));
        $exceptions->render(fn (Refusal $refusal) => $told('table', $refusal->getMessage()));
    })
    ->create();
