<?php

namespace Tools;

use Illuminate\Console\Command;

/** What only developers need: benches, the soak, generated documents and types. A command is a class and a line. */
final class Commands
{
    /** @var list<class-string<Command>> */
    public const ALL = [
        Commands\ArrowsCommand::class,
        Commands\BenchCommand::class,
        Commands\CutBenchCommand::class,
        Commands\PagesBenchCommand::class,
        Commands\PagesCompileCommand::class,
        Commands\PiecesBenchCommand::class,
        Commands\PressBenchCommand::class,
        Commands\PropsTypesCommand::class,
        Commands\RecipesBenchCommand::class,
        Commands\ShareBenchCommand::class,
        Commands\SoakCommand::class,
        Commands\TableSchemaCommand::class,
        Commands\WordsListCommand::class,
    ];
}
