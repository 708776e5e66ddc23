<?php

namespace App\People;

use App\Files\Media;
use App\Journal\Journal;
use App\Models\Card;
use App\Models\Day;
use App\Models\Kit;
use App\Models\Person;
use App\Models\PostLimit;
use App\Models\Setting;
use App\Table\CardsToGive;
use App\Table\ComingDays;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Cache;
use Illuminate\Validation\ValidationException;
use KeepShare\Core\Kit\BadKit;

/** People, their days, and which card is meant for whom. */
final readonly class PeopleController
{
    private const LONGEST = 12;

    public function __construct(private Journal $journal)
    {
    }

    public function show(Request $request): PeoplePage
    {
        $months = min(self::LONGEST, max(1, $request->integer('months', ComingDays::MONTHS)));

        return PeoplePage::of($months, $request->integer('day'), $request->string('read')->toString(), $this->journal);
    }

    public function store(PersonRequest $request): RedirectResponse
    {
        $columns = $request->person();
        $this->journal->actOnShelf("Add {$columns['name']}", static fn () => Person::query()->create($columns));

        return back();
    }

    public function update(Person $person, PersonRequest $request): RedirectResponse
    {
        $this->journal->actOnShelf("Change what is known of $person->name", static fn () => $person->update($request->person()));

        return back();
    }

    public function destroy(Person $person): RedirectResponse
    {
        $this->journal->actOnShelf("Remove $person->name", static fn () => $person->forget());

        return back()->with('notice', "$person->name is removed. Undo brings them back.");
    }

    public function addDay(Person $person, PersonRequest $request): RedirectResponse
    {
        $columns = [...$request->day(), 'person_id' => $person->id];
        $this->journal->actOnShelf("A day of $person->name", static fn () => Day::query()->create($columns));

        return back();
    }

    public function dropDay(Day $day): RedirectResponse
    {
        $this->journal->actOnShelf("Remove a day of {$day->person->name}", static fn () => $day->forget());

        return back();
    }

    public function mean(Day $day, Request $request, Giving $giving): RedirectResponse
    {
        $card = Card::query()->with('kit')->findOrFail($request->integer('card'));
        $giving->mean($card, $day);

        return back()->with('notice', "Card $card->number of {$card->kit->name} is meant for {$day->person->name}.");
    }

    public function unmean(Day $day, Giving $giving): RedirectResponse
    {
        $giving->unmean($day->meant()->firstOrFail());

        return back();
    }

    public function give(Day $day, Giving $giving): RedirectResponse
    {
        $card = $day->meant()->firstOrFail();
        $giving->give($card, $day->person->name);

        return back()->with('notice', "Card $card->number of {$card->kit->name} is given to {$day->person->name}.");
    }

    public function post(Request $request): RedirectResponse
    {
        $request->validate(
            ['days' => ['required', 'integer', 'between:0,60']],
            ['days.*' => 'Write how many days the post takes, from 0 to 60.'],
        );
        $days = (string) $request->integer('days');
        $this->journal->actOnShelf("The post takes $days days", static fn () => Setting::put(Setting::POST_DAYS, $days));

        return back();
    }

    public function limit(PersonRequest $request): RedirectResponse
    {
        $columns = $request->limit();
        $limit = PostLimit::query()->find($request->integer('id'));
        $this->journal->actOnShelf("Change the post size {$columns['name']}", static fn () => $limit === null
            ? PostLimit::query()->create($columns)
            : $limit->update($columns));

        return back();
    }

    public function dropLimit(PostLimit $limit): RedirectResponse
    {
        $this->journal->actOnShelf("Remove the post size $limit->name", static fn () => $limit->delete());

        return back();
    }

    /** Asks the share-out of this kit for the cards that the coming days still need. */
    public function ask(Request $request): RedirectResponse
    {
        $kit = Kit::query()->where(['is_stash' => false, 'is_deleted' => false])->findOrFail($request->integer('kit'));
        $needs = ComingDays::within(ComingDays::MONTHS)->needs()->beyond(CardsToGive::now()->free($kit->id));
        $this->journal->act($kit, 'Ask for cards for the coming days', null, static fn () => $kit->update(['wanted' => $needs->counts]));

        return to_route('kits.share-out', $kit)->with('notice', "Asked for: {$needs->says()}.");
    }

    /** Prepares the content of a file to be looked at. Nothing is saved yet. */
    public function read(Request $request): RedirectResponse
    {
        $file = $request->file('days_file');
        if (! $file instanceof UploadedFile) {
            throw ValidationException::withMessages(['days_file' => 'Choose an address book (.vcf) or a calendar (.ics) of up to 4 MB.']);
        }
        try {
            $read = DayFile::read($file->getContent())->withoutPast(CarbonImmutable::today());
        } catch (BadKit $wrong) {
            throw ValidationException::withMessages(['days_file' => "Nothing was read. {$wrong->getMessage()}"]);
        }
        $token = bin2hex(random_bytes(12));
        Cache::put("days:$token", ['file' => $read, 'name' => mb_substr($file->getClientOriginalName(), 0, 80)], 3_600);

        return to_route('people', ['read' => $token]);
    }

    public function keep(Request $request, KeepDays $keep): RedirectResponse
    {
        $kept = Cache::get('days:'.$request->string('token')->toString());
        if (! is_array($kept) || ! ($kept['file'] ?? null) instanceof DayFile) {
            throw ValidationException::withMessages(['days_file' => 'What was read is no longer there. Choose the file again.']);
        }
        $keep->keep($kept['file'], is_string($kept['name']) ? $kept['name'] : 'a file');

        return to_route('people');
    }

    public function vcards(): Response
    {
        return Media::VCard->file('people.vcf', People::vcards());
    }

    public function calendar(): Response
    {
        return Media::Calendar->file('days.ics', People::days());
    }

    public function sendBy(): Response
    {
        return Media::Calendar->file('send-by.ics', People::sendBy(self::LONGEST));
    }
}
