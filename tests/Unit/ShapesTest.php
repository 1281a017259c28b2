<?php

declare(strict_types=1);

namespace Tests\Unit;

use App\Calculators\Calculators;
use App\Calculators\InputReader;
use App\Cards\Language;
use App\Cards\SectionPicture;
use App\Cards\Words;
use App\Documents\InputSchemas;
use App\Http\Requests\NewRecordRequest;
use App\Http\Requests\People\SignInRequest;
use App\Http\Requests\PreviewRequest;
use App\Shapes\FieldNames;
use App\Shapes\Json;
use App\Shapes\Schemas;
use CleanRace\Core\Calculators\Registry;
use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Hubs\PairSleeve;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;
use Illuminate\Container\Container;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\HoldsToSchema;

/** What goes out is what the document says goes out. */
final class ShapesTest extends TestCase
{
    use HoldsToSchema;

    /** @return iterable<array{string, ?string, string}> */
    public static function names(): iterable
    {
        yield ['bore', Length::class, 'bore_mm'];
        yield ['hubOutside', Length::class, 'hub_outside_mm'];
        yield ['ledgeDepth', Reading::class, 'ledge_depth_mm'];
        yield ['force', Force::class, 'force_n'];
        yield ['drawBoltTorque', Torque::class, 'draw_bolt_torque_nm'];
        yield ['angle', Angle::class, 'angle_deg'];
        yield ['shareOfPress', Share::class, 'share_of_press'];
        yield ['highSide', Clock::class, 'high_side'];
        yield ['number', 'string', 'number'];
    }

    #[DataProvider('names')]
    public function test_names_carry_their_unit(string $property, ?string $type, string $name): void
    {
        self::assertSame($name, FieldNames::of($property, $type));
    }

    public function test_values_are_written_plainly(): void
    {
        self::assertSame(9.2, Json::of(Length::mm(9.2)));
        self::assertSame(0.333333, Json::of(1 / 3));
        self::assertSame('1:30', Json::of(Clock::read('1:30')));
        self::assertSame('care', Json::of(Level::Care));
        self::assertSame(46.98, Json::of(Reading::mm(46.98, Instrument::Vernier)));
        self::assertSame([1.0, null, 'x', true], Json::of([1.0, null, 'x', true]));
    }

    public function test_words_keep_their_quantities(): void
    {
        $said = Json::of(Message::of('k', '{a} at {b}', ['a' => Length::mm(0.6), 'b' => Written::of('12')]));
        self::assertEquals(
            [
                'key' => 'k',
                'text' => '{a} at {b}',
                'values' => (object) ['a' => ['value' => 0.6, 'unit' => 'mm', 'digits' => 2], 'b' => '12'],
            ],
            $said,
        );
        $figure = (array) Json::of(Figure::of('angle', 'Out of square', Angle::degrees(0.778), 0.09));
        self::assertSame(['value' => 0.778, 'unit' => 'deg', 'digits' => 2], $figure['quantity']);
        self::assertSame(0.09, $figure['plus_minus']);
    }

    /** Every answer of every calculator, and a whole job, hold to the schema that is published for them. */
    public function test_what_is_written_holds_to_its_schema(): void
    {
        $schemas = new Schemas();
        $container = new Container();
        $container->instance(Limits::class, Limits::standard());
        $calculators = new Calculators($container, new InputReader());
        foreach (Registry::all() as $name => $class) {
            $result = $calculators->work($name, Registry::about($class)->example);
            $this->assertHolds($schemas->of($result::class), json_decode((string) json_encode(Json::of($result))), $schemas, $name);
        }
        $bench = new Bench(
            new PairSleeve(),
            new Notebook([
                'size.left.number' => ['value' => ['text' => '6204 RS'], 'instrument' => null],
                'fit.left.feel' => ['value' => ['choice' => 'rattles'], 'instrument' => null],
            ]),
            [],
            null,
            DrawBolt::M12,
        );
        $this->assertHolds(
            $schemas->of(JobReport::class),
            json_decode((string) json_encode(Json::of((new WheelJob(Limits::standard()))->report($bench)))),
            $schemas,
            'job',
        );
    }

    public function test_requests_are_documented_from_their_rules(): void
    {
        $record = InputSchemas::ofRequest(NewRecordRequest::class);
        self::assertSame(['id', 'place', 'entry'], $record['required']);
        self::assertSame(['type' => ['object', 'null'], 'additionalProperties' => true], $record['properties']['entry']);
        self::assertSame('uuid', $record['properties']['id']['format']);
        self::assertSame(['mm', 'in'], $record['properties']['unit']['enum']);
        self::assertSame(['email', 'password'], InputSchemas::ofRequest(SignInRequest::class)['required']);
        self::assertSame(
            ['place', 'entry'],
            InputSchemas::ofRequest(PreviewRequest::class)['properties']['drafts']['items']['required'],
        );
    }

    public function test_paper_shows_the_units_of_the_person(): void
    {
        $english = new Language();
        $message = [
            'text' => 'It stands {tilt} proud at {clock}.',
            'values' => ['tilt' => ['value' => 0.6, 'unit' => 'mm', 'digits' => 2], 'clock' => '12'],
        ];
        self::assertSame('It stands 0.60 mm proud at 12.', (new Words('mm', $english))->say($message));
        self::assertSame('It stands 0.024 in proud at 12.', (new Words('in', $english))->say($message));
        self::assertSame('0.0010 in', (new Words('in', $english))->quantity(['value' => 0.0254, 'unit' => 'mm', 'digits' => 3]));
        self::assertSame('1.1%', (new Words('in', $english))->quantity(['value' => 0.0114, 'unit' => 'share', 'digits' => 1]));
        self::assertSame('46.98 mm', (new Words('mm', $english))->mm(46.98));
    }

    public function test_the_picture_on_the_card_holds_what_is_in_the_hub(): void
    {
        $bench = static fn (array $entries): Bench => new Bench(new PairSleeve(), new Notebook($entries), [], null, DrawBolt::M12);
        $draw = static fn (Bench $b): string => SectionPicture::of(
            (array) json_decode(
                (string) json_encode(((array) Json::of((new WheelJob(Limits::standard()))->report($b)))['section']),
                true,
            ),
        );
        $whole = $draw($bench([]));
        $stripped = $draw(
            $bench([
                'part.sleeve' => ['value' => ['state' => 'on_tray'], 'instrument' => null],
                'part.bearing_left' => ['value' => ['state' => 'on_tray'], 'instrument' => null],
            ]),
        );
        self::assertNotFalse(simplexml_load_string($whole));
        self::assertSame(8, substr_count($whole, '<circle'), 'two balls and two garter springs, above and below the axis');
        self::assertSame(6, substr_count($stripped, '<circle'));
        self::assertSame(
            substr_count($whole, '<polygon') - 10,
            substr_count($stripped, '<polygon'),
            'two rings and two seals of the bearing, and the spacer tube, twice',
        );
    }

    public function test_two_classes_with_one_short_name_are_not_taken_for_one(): void
    {
        $schemas = new Schemas();
        $schemas->of(\CleanRace\Core\Stripping\Heat::class);
        $schemas->of(\CleanRace\Core\Stripping\Heat::class);
        $this->expectException(LogicException::class);
        $this->expectExceptionMessage('would both be called Heat');
        $schemas->of(\CleanRace\Core\Mechanics\Warmth\Heat::class);
    }
}
