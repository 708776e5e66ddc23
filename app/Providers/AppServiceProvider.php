<?php

namespace App\Providers;

use App\Database\ImmediateConnector;
use App\Database\WholeMigrations;
use App\Frame\Exports;
use App\Journal\Journal;
use App\Journal\Moved;
use App\Models\KitsMoved;
use App\Models\OwnOccasion;
use App\Safe\KeepCopy;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\MigrationsStarted;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;
use KeepShare\Core\Kit\Occasions;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Journal::class);
        $this->app->bind(Moved::class, KitsMoved::class);
        $this->app->bind('db.connector.sqlite', ImmediateConnector::class);
        $this->app->extend('migrator', static fn (Migrator $usual, Application $app): Migrator => new WholeMigrations(
            $usual->getRepository(),
            $app->make('db'),
            $app->make('files'),
            $app->make('events'),
        ));
    }

    public function boot(): void
    {
        Model::preventLazyLoading(! $this->app->isProduction());
        Event::listen(MigrationsStarted::class, static fn () => KeepCopy::beforeUpdate());
        Occasions::from(self::occasions(...));
        Route::bind('export', Exports::named(...));
        // A worker runs for a long time while the maker's list changes, and so do the requests of one test.
        Queue::before(static fn () => Occasions::reread());
        $this->app->terminating(static fn () => Occasions::reread());
    }

    /** @return list<array{key: string, name: string, share: int, usual: bool}> none where the records are older than the list */
    private static function occasions(): array
    {
        if (! app()->bound('db')) {
            return [];
        }
        try {
            return array_values(OwnOccasion::query()->orderBy('position')->get()->map->fields()->all());
        } catch (QueryException) {
            return [];
        }
    }
}
