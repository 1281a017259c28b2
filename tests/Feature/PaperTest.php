<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Notes;
use App\Bench\Workbench;
use App\Cards\Language;
use App\Cards\Words;
use App\Models\Job;
use App\Models\Machine;
use App\Shapes\Json;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Duration;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Mass;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Measure\Quantity;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Measure\TemperatureRise;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Measure\Unit;
use CleanRace\Core\Measure\Volume;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Lang;
use Illuminate\View\Factory;
use Illuminate\View\View;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\InventedLanguage;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** What is said on a screen is said the same on paper: card, sheet for the customer, quote. */
final class PaperTest extends TestCase
{
    use RefreshDatabase;

    /** @return list<Message> every message in it, however deep it lies */
    private static function messages(mixed $value): array
    {
        return match (true) {
            $value instanceof Message => [$value],
            is_array($value) => array_merge([], ...array_values(array_map(self::messages(...), $value))),
            is_object($value) && ! ($value instanceof \UnitEnum) => self::messages(get_object_vars($value)),
            default => [],
        };
    }

    private static function printed(Message $message, string $units, ?Language $language = null): string
    {
        /** @var array{text: string, values: mixed} $written */
        $written = json_decode((string) json_encode(Json::of($message)), true);

        return (new Words($units, $language ?? app(Language::class)))->say($written);
    }

    /** @return list<Quantity> one of each unit */
    private static function quantities(): array
    {
        return [
            Length::mm(0.6),
            Angle::degrees(47.6),
            Force::newtons(1344.6),
            Torque::newtonMetres(2.4),
            Temperature::celsius(-18.0),
            TemperatureRise::kelvin(41.6),
            Pressure::megapascals(5.4),
            Share::of(0.0114),
            Mass::grams(2.2),
            Volume::cubicCentimetres(14.3),
            Duration::seconds(45.0),
        ];
    }

    public function test_a_message_with_any_unit_prints_as_it_is_said(): void
    {
        $units = array_map(static fn (Quantity $q): string => $q->unit()->value, self::quantities());
        self::assertEqualsCanonicalizing(array_diff(array_column(Unit::cases(), 'value'), ['count']), $units);
        foreach (self::quantities() as $quantity) {
            $message = Message::of('any', 'It is {it}, {it} of it', ['it' => $quantity]);
            self::assertSame($message->inEnglish(), self::printed($message, 'mm'));
            self::assertStringContainsString($quantity->unit()->symbol(), self::printed($message, 'mm'));
            self::assertSame($quantity->unit() === Unit::Millimetre, self::printed($message, 'in') !== $message->inEnglish());
        }
    }

    /** @return iterable<string, array{string}> */
    public static function hubs(): iterable
    {
        foreach (HubPatterns::all() as $pattern) {
            yield $pattern->id() => [$pattern->id()];
        }
    }

    #[DataProvider('hubs')]
    public function test_whatever_a_job_says_prints_without_holes_and_all_its_papers_open(string $pattern): void
    {
        $user = $this->person()->load('shop');
        $this->actingAs($user);
        $file = (string) gzdecode((string) file_get_contents(__DIR__."/../fixtures/v0.1/jobs/$pattern.json.gz"));
        $id = $this->post(
            '/api/v1/jobs/file',
            ['file' => UploadedFile::fake()->createWithContent('job.json', $file)],
            ['Accept' => 'application/json'],
        )
            ->assertCreated()
            ->json('id');
        $job = Job::query()->with('shop')->whereKey($id)->sole();
        $messages = self::messages($this->app->make(Workbench::class)->report($job, Notes::notebookOf($job)));
        self::assertGreaterThan(200, count($messages));
        foreach ($messages as $message) {
            self::assertSame($message->inEnglish(), self::printed($message, 'mm'), $message->key);
            $bare = Message::of(
                $message->key,
                $message->text,
                array_map(static fn (mixed $v): mixed => $v instanceof Written ? Written::of('said') : $v, $message->values),
            );
            self::assertDoesNotMatchRegularExpression('/[{}]/', $bare->inEnglish(), $message->key);
        }
        $invented = $this->app->make(InventedLanguage::class);
        foreach ($messages as $message) {
            // What stands outside the brackets was written by somebody, or is a number.
            self::assertDoesNotMatchRegularExpression(
                '/\p{Ll}{4,} \p{Ll}{2,}/u',
                InventedLanguage::without(self::printed($message, 'mm', $invented)),
                $message->text,
            );
        }
        foreach (['mm', 'in'] as $units) {
            $user->forceFill(['units' => $units])->save();
            foreach (['card', 'sheet', 'quote'] as $paper) {
                self::assertStringStartsWith(
                    '%PDF',
                    (string) $this->get("/files/jobs/$id/$paper.pdf")
                        ->assertOk()
                        ->getContent(),
                    "$paper in $units",
                );
            }
        }
    }

    public function test_another_language_is_laid_over_every_word_of_the_program_on_a_card(): void
    {
        $user = $this->person()->load('shop');
        $this->actingAs($user);
        $file = (string) gzdecode((string) file_get_contents(__DIR__.'/../fixtures/v0.1/jobs/pair-sleeve.json.gz'));
        $id = $this->post(
            '/api/v1/jobs/file',
            ['file' => UploadedFile::fake()->createWithContent('job.json', $file)],
            ['Accept' => 'application/json'],
        )
            ->assertCreated()
            ->json('id');
        $this->app->bind(Language::class, InventedLanguage::class);
        $printed = [];
        $this->app->make(Factory::class)->composer('card', static function (View $view) use (&$printed): void {
            $data = $view->getData();
            foreach ($data['report']['tray'] as $part) {
                $printed[] = $data['words']->say($part['name']);
            }
            array_push($printed, ...array_column($data['readings'], 'label'), ...array_column($data['torques'], 'name'));
        });
        self::assertStringStartsWith(
            '%PDF',
            (string) $this->get("/files/jobs/$id/card.pdf")
                ->assertOk()
                ->getContent(),
        );
        self::assertStringStartsWith(
            '%PDF',
            (string) $this->get("/files/jobs/$id/sheet.pdf")
                ->assertOk()
                ->getContent(),
        );
        self::assertGreaterThan(15, count($printed));
        foreach ($printed as $words) {
            self::assertSame('', trim(InventedLanguage::without($words), ' :'), $words);
        }
    }

    public function test_a_reading_is_named_on_the_card_by_the_part_that_sits_there_and_what_was_measured(): void
    {
        $user = $this->person()->load('shop');
        $this->actingAs($user);
        $printed = [];
        $this->app->make(Factory::class)->composer('card', static function (View $view) use (&$printed): void {
            array_push($printed, ...array_column($view->getData()['readings'], 'label'));
        });
        foreach (
            [
                'pair-sleeve' => ['bore.left.lip.12', 'size.right.width', 'seat.left.home.12'],
                'shaft-bearing' => ['bore.bearing_shaft.middle.2'],
            ] as $pattern => $places
        ) {
            $job = Job::factory()
                ->by($user)
                ->create(['pattern' => $pattern, 'machine_id' => Machine::factory()->create(['shop_id' => $user->shop_id])->id]);
            foreach ($places as $place) {
                $this->keep($job, $place, ['typed' => '14.0'])->assertCreated();
            }
            $this->get("/files/jobs/$job->id/card.pdf")->assertOk();
        }
        foreach (['Left bearing: Bore at the lip', 'Right bearing: Width', 'Left bearing: Home'] as $label) {
            self::assertContains($label, $printed);
        }
        self::assertNotEmpty(preg_grep('/: Shaft in the middle$/', $printed));
    }

    public function test_the_words_of_a_language_come_from_its_file_and_what_is_missing_stays_english(): void
    {
        Lang::addJsonPath($folder = sys_get_temp_dir().'/'.uniqid('words'));
        File::makeDirectory($folder);
        File::put("$folder/xx.json", (string) json_encode(['{part} out' => 'heraus: {part}', 'Left bearing' => 'Linkes Lager']));
        $this->app->setLocale('xx');
        $words = new Words('mm', $this->app->make(Language::class));
        self::assertSame(
            'heraus: Linkes Lager',
            $words->of(Message::of('k', '{part} out', ['part' => Message::plain('Left bearing')])),
        );
        self::assertSame('Right bearing', $words->of('Right bearing'));
        self::assertSame('../../secret', $words->of('../../secret'), 'what people wrote is looked up in the file, and never is one');
        File::deleteDirectory($folder);
    }

    public function test_the_card_of_a_job_whose_headlines_carry_grams_prints_them(): void
    {
        $user = $this->person()->load('shop');
        $this->actingAs($user);
        $job = Job::factory()
            ->by($user)
            ->create(['machine_id' => Machine::factory()->create(['shop_id' => $user->shop_id])->id]);
        foreach (
            [
                'size.left.number' => ['text' => '6204'],
                'size.right.number' => ['text' => '6204'],
                'size.use' => ['choice' => 'fast_wheel'],
                'size.grease_new' => ['choice' => 'lithium'],
                'size.hub_material' => ['choice' => 'aluminium'],
            ] as $place => $entry
        ) {
            $this->keep($job, $place, $entry)->assertCreated();
        }
        $report = $this->app->make(Workbench::class)->report($job->load('shop'), Notes::notebookOf($job));
        $units = array_unique(
            array_merge(
                ...array_map(
                    static fn (Message $m): array => array_values(
                        array_map(static fn (mixed $v): string => $v instanceof Quantity ? $v->unit()->value : '', $m->values),
                    ),
                    self::messages(
                        array_map(
                            static fn ($s) => array_map(
                                static fn ($step) => array_map(static fn ($v) => $v->headline, $step->verdicts),
                                $s->steps,
                            ),
                            $report->stations,
                        ),
                    ),
                ),
            ),
        );
        self::assertContains('g', $units, 'a headline carries grams');
        $this->get("/files/jobs/{$job->id}/card.pdf")->assertOk();
    }
}
