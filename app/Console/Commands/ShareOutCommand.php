<?php

namespace App\Console\Commands;

use Illuminate\Console\Command;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Format\ShareOutFile;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Kit\KitFile;
use KeepShare\Core\Kit\Occasions;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Outlook\FullShareOut;
use KeepShare\Core\Outlook\Outlook;
use KeepShare\Core\Pattern\ColumnGeneration;
use KeepShare\Core\Refusal;
use KeepShare\Core\Sketch\Least;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Many;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Wanted;
use KeepShare\Core\Table\WordsAgain;

final class ShareOutCommand extends Command
{
    use ReadsFiles;

    protected $signature = 'share:out
        {file : a keepshare/kit JSON file}
        {--cards=max : how many cards, or max}
        {--occasion=* : so many of an occasion, such as birthday=4; may be given several times}
        {--fold=* : so many of a fold, such as gatefold=1; may be given several times}
        {--follow : the designs in the kit file first}
        {--frame= : how much of the base shows round the front, such as "1/8"; 0 for fronts covered to the edge}
        {--stash= : another keepshare/kit file, taken from where the kit runs out}
        {--stash-cards= : how many cards may take from the stash; any number where it is left out}
        {--inside : a panel to write on in each card}
        {--set=1 : so many of each design, up to 24}
        {--repeat : the same words may go on any card; without it only when the others run out}
        {--once : no words on more than one card}
        {--envelopes : no card without an envelope}
        {--alike= : no more cards on one sketch}
        {--pictures : a picture on every card}
        {--least=words : what a card must at least be: words, paper, two (papers, or one and a picture) or picture (on a mat)}
        {--pieces=some : few, some or many pieces on a card}
        {--wordless : some cards may go without words}
        {--save-one : one of everything of which there are two or more stays}
        {--use-up=* : the id of a component, or all}
        {--save=* : the id of a component}
        {--never=* : the id of a component}
        {--steps=100 : cards that are taken off and made anew, at most; never worse for more}
        {--json : answer as a keepshare/share-out}';

    protected $description = 'Share a kit out over cards; exit code 2 and one line a fault when the kit or the wishes are refused';

    public function handle(): int
    {
        $file = (string) $this->argument('file');
        try {
            $kit = self::kit($file);
            $stash = $this->option('stash') === null ? null : self::kit((string) $this->option('stash'));
            $frame = $this->option('frame') === null ? null : Length::parse((string) $this->option('frame'), $kit->unit);
            $laying = Inventory::unpacked($kit, $stash);
            $table = $laying->under($this->wishes($laying)->framed($frame)->following($this->option('follow') ? $kit->designs : []));
        } catch (Refusal $refused) {
            $this->getOutput()->getErrorStyle()->writeln($refused->getMessage());

            return 2;
        }
        $bound = ColumnGeneration::on($table)->bound;
        $out = FullShareOut::of($table, max(0, (int) $this->option('steps')));
        $cards = $out->cards;
        $isMost = $this->option('cards') === 'max';
        $stop = $isMost || count($cards) < $table->wishes->cards || count($cards) < $bound->cards
            ? Outlook::beyond($out->table->after(...$cards))
            : null;
        $most = ['cards' => $bound->cards, 'binds' => $bound->need->value, 'how' => $bound->how];
        $answer = ShareOutFile::write($kit->name, $out->table, $cards, $most, $stop, $out->shortfalls());
        if ($this->option('json')) {
            $this->getOutput()->write(
                json_encode(
                    $answer,
                    JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
                )."\n",
                false,
                \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW,
            );

            return 0;
        }
        $this->table(
            ['card', 'occasion', 'sketch', 'part', 'component', 'face', 'amount'],
            array_slice(ShareOutFile::lines($out->table, $cards), 1),
        );
        $this->line(count($cards)." cards; at most {$bound->cards}, bound by the {$bound->need->plural()}.");
        foreach ($out->shortfalls() as $shortfall) {
            $this->line("  $shortfall->says");
        }
        if ($stop !== null || count($cards) < $table->wishes->cards) {
            $this->line($out->whyNoMore());
        }

        return 0;
    }

    /** @throws Refusal */
    private static function kit(string $file): Kit
    {
        return KitFile::read(self::text($file, KitFile::MOST_BYTES));
    }

    /** @throws Refusal */
    private function wishes(Inventory $laying): Preferences
    {
        $cards = $this->option('cards') === 'max' ? Preferences::MOST_CARDS : (int) $this->option('cards');
        $uses = [];
        foreach (['use-up' => Wanted::UseUp, 'save' => Wanted::Save, 'never' => Wanted::Never] as $option => $wanted) {
            $named = $this->texts($option);
            foreach ($named === ['all'] ? array_keys($laying->components) : $named as $component) {
                $uses[$component] = isset($laying->components[$component])
                    ? $wanted
                    : throw BadKit::at("--$option", "there is no component \"$component\" in the kit.");
            }
        }
        $stashCards = $this->option('stash-cards') === null ? null : max(0, (int) $this->option('stash-cards'));

        $words = match (true) {
            (bool) $this->option('once') => WordsAgain::Once,
            (bool) $this->option('repeat') => WordsAgain::Freely,
            default => WordsAgain::WhenOut,
        };

        return Preferences::cards($cards, $this->option('stash') !== null)
            ->wanting($this->counts('occasion', Occasions::keys()))
            ->folding($this->counts('fold', array_column(FoldKind::onWish(), 'value')))
            ->inSetsOf((int) $this->option('set'))
            ->using($uses)
            ->stashFor($stashCards)
            ->savingOne((bool) $this->option('save-one'))
            ->lined((bool) $this->option('inside'))
            ->inEnvelopes((bool) $this->option('envelopes'))
            ->alike($this->option('alike') === null ? null : (int) $this->option('alike'))
            ->withPictures((bool) $this->option('pictures'))
            ->atLeast($this->least())
            ->wordless((bool) $this->option('wordless'))
            ->pieces(Many::tryFrom((string) $this->option('pieces')) ?? throw BadKit::at('--pieces', 'there are few, some and many.'))
            ->saying($words);
    }

    /** @throws Refusal */
    private function least(): Least
    {
        $known = array_column(Least::cases(), 'value');

        return Least::tryFrom((string) $this->option('least'))
            ?? throw BadKit::at('--least', 'there are '.implode(', ', $known).'.');
    }

    /**
     * @param  list<string>  $known
     * @return array<string, int>
     *
     * @throws Refusal
     */
    private function counts(string $option, array $known): array
    {
        $counts = [];
        foreach ($this->texts($option) as $text) {
            [$what, $many] = [...explode('=', $text, 2), '1'];
            $counts[$what] = in_array($what, $known, true)
                ? (int) $many
                : throw BadKit::at(
                    "--$option",
                    "there is no $option \"$what\"; there are ".implode(', ', $known).'.',
                );
        }

        return $counts;
    }

    /** @return list<string> */
    private function texts(string $option): array
    {
        return array_values(array_map(strval(...), (array) $this->option($option)));
    }
}
