<?php

namespace App\Providers;

use App\Database\ImmediateConnector;
use App\Journal\Journal;
use App\Saved\KeepCopy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\MigrationsStarted;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Journal::class);
        $this->app->bind('db.connector.sqlite', ImmediateConnector::class);
    }

    public function boot(): void
    {
        Model::preventLazyLoading(! $this->app->isProduction());
        Event::listen(MigrationsStarted::class, static fn () => KeepCopy::beforeUpdate());
    }
}
