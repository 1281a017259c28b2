<?php

declare(strict_types=1);

namespace App\Models;

use App\Speed\BootsByName;
use Carbon\CarbonInterface;
use CleanRace\Core\Tooling\Tool as Driver;
use CleanRace\Core\Tooling\WallTool;
use Illuminate\Database\Eloquent\Model;

/**
 * A workshop.
 *
 * @property int $id
 * @property string $name
 * @property ?int $press_capacity_n
 * @property string $draw_bolt
 * @property int $last_job_number
 * @property string $currency sign that stands before its amounts
 * @property int $hour_minor an hour at the bench, in minor units
 * @property int $last_order_number
 * @property ?string $calendar_key the secret part of the address of its calendar
 * @property array<string, string> $habits how it usually goes about things, by name
 * @property string $place where it is, in words
 * @property string $time_zone as in the tz database: Europe/Lisbon
 * @property string $units mm or in, of who joins
 * @property string $paper a4 or letter
 * @property bool $alone one person without roles
 * @property bool $prices whether prices are shown
 * @property ?int $lock_minutes after so long without a touch a bench asks who stands there; null never
 * @property bool $demo made up, to be looked at
 */
final class Shop extends Model
{
    use BootsByName;

    protected $table = 'shops';

    /** @var ?array{list<Driver>, list<WallTool>} */
    private ?array $wall = null;

    protected $fillable = [
        'name',
        'place',
        'time_zone',
        'currency',
        'hour_minor',
        'units',
        'paper',
        'press_capacity_n',
        'draw_bolt',
        'habits',
        'alone',
        'prices',
        'lock_minutes',
        'demo',
    ];

    /** Before anybody said otherwise, a shop has no habits of its own. */
    protected $attributes = [
        'habits' => '{}',
        'currency' => '€',
        'hour_minor' => 5400,
        'draw_bolt' => 'M12',
        'time_zone' => 'UTC',
        'alone' => false,
        'prices' => true,
        'demo' => false,
    ];

    /**
     * @return array{list<Driver>, list<WallTool>} the drivers that hang on its wall, and all that hangs there: as
     *   they were when it was first asked
     */
    public function wall(): array
    {
        return $this->wall ??= Tool::wall($this->id);
    }

    /** How it is called on papers: with its place, when that is known. */
    public function saidOnPaper(): string
    {
        return implode(', ', array_filter([$this->name, $this->place]));
    }

    /** How this shop writes its days, as a language tag: where letter paper is used the month goes first. */
    public function daysAs(): string
    {
        return $this->paper === 'letter' ? 'en-US' : 'en-GB';
    }

    /** A day of this shop, by its own clock: 3 Feb 2026; with the time as well, 3 Feb 2026 14:05. */
    public function day(CarbonInterface $at, bool $withTime = false): string
    {
        $day = $this->paper === 'letter' ? 'M j, Y' : 'j M Y';

        return $at->copy()->setTimezone($this->time_zone)->format($withTime ? "$day H:i" : $day);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['habits' => 'array', 'alone' => 'boolean', 'prices' => 'boolean', 'demo' => 'boolean'];
    }
}
