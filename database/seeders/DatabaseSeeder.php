<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\PlaceOrders;
use App\Actions\SignJob;
use App\Models\Concerns\ShopAtHand;
use App\Models\DueItem;
use App\Models\Job;
use App\Models\Machine;
use App\Models\Role;
use App\Models\Shop;
use App\Models\Tool;
use App\Models\User;
use CleanRace\Core\Practice\Bench\Spin\Fault;
use CleanRace\Core\Sourcing\CustomerWord;
use CleanRace\Core\Tooling\ToolKind;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** A ferry-harbour workshop on an island that is not on any map. Loaded once; nothing is touched when it is there. */
final class DatabaseSeeder extends Seeder
{
    public const PASSWORD = 'bearing';

    public function __construct(
        private readonly DemoJob $demo,
        private readonly PatternJobs $patterns,
        private readonly DemoSuppliers $suppliers,
        private readonly DemoSounds $sounds,
        private readonly SignJob $sign,
        private readonly PlaceOrders $order,
        private readonly ShopAtHand $atHand,
    ) {
    }

    public function run(): void
    {
        if (Shop::query()->exists()) {
            return;
        }
        DB::transaction(function (): void {
            $shop = Shop::query()->create([
                'name' => 'Ferry Works',
                'place' => 'Ferry harbour',
                'demo' => true,
                'press_capacity_n' => 117680,
                'draw_bolt' => 'M12',
                'habits' => ['extraction' => 'drift', 'heat' => 'cold'],
            ]);
            $this->atHand->within($shop->id, fn () => $this->fill($shop));
        });
    }

    private function fill(Shop $shop): void
    {
        [$ines] = [
            $this->person($shop, 'Ines', 'ines', Role::Mechanic),
            $this->person($shop, 'Tove', 'tove', Role::Owner),
            $this->person($shop, 'Pim', 'pim', Role::Apprentice),
        ];
        $this->tools($shop);
        $this->suppliers->load($shop);
        $machines = $this->machines($shop);

        $old = $this->demo->load(
            $ines,
            $machines['trail1'],
            'Front wheel',
            'good',
            'Hums at speed, started after the ford',
            Carbon::now()->subMonths(7),
        );
        $came = $old->created_at;
        $this->sounds->record($old, $ines, 'check.sound_left', 5, $came->copy()->addMinutes(4), Fault::Outer, 45.0, now: true);
        $this->sounds->record($old, $ines, 'prove.after.sound_left', 6, $came->copy()->addHours(3), now: true);
        $this->signed($old, $ines);
        $moped = $this->demo->load(
            $ines,
            $machines['moped3'],
            'Front wheel',
            'checked-in',
            'Rumbles downhill, wheel knocks over the ramp',
            Carbon::now()->subHours(2),
        );
        $this->sounds->record($moped, $ines, 'check.sound_left', 11, Carbon::now()->subMinutes(90), rub: 9.0);
        $this->demo->load($ines, $machines['post'], 'Front wheel', 'stripping', 'Squeals when it is wet', Carbon::now()->subHours(20));
        $worn = $this->demo->load(
            $ines,
            $machines['warden'],
            'Front wheel',
            'bad-bore',
            'Wobbles on the washboard, new bearings last a month',
            Carbon::now()->subHours(26),
            [CustomerWord::asked(1) => 'The bore is worn. Sleeve it, or another hub?'],
        );
        $this->sounds->record($worn, $ines, 'check.sound_left', 21, Carbon::now()->subHours(25), Fault::Inner, 40.0);
        $this->sounds->record($worn, $ines, 'check.sound_right', 22, Carbon::now()->subHours(25));
        $this->demo->load(
            $ines,
            $machines['trail1'],
            'Front wheel',
            'second-bearing',
            'Grinds again after the winter',
            Carbon::now()->subHours(5),
        );
        $this->demo->load($ines, $machines['moped7'], 'Front wheel', 'cocked', 'Rumble, worse on the left', Carbon::now()->subHours(3));
        $this->patterns->load($ines, $machines);
        $this->history($ines, $machines);
        ($this->order)($ines, $worn, 'soonest');
    }

    /**
     * Sets that came and went before, so that it is known how long such sets last here.
     *
     * @param  array<string, Machine>  $machines
     */
    private function history(User $by, array $machines): void
    {
        $sets = [
            ['moped3', 26, '9 800 km', 'Rumbles', 'Left bore has a ring mark, holds', 'spring'],
            ['warden', 21, '14 100 km', 'Squeals wet', 'Sleeve is short by a hair, watch the pair', '10 months'],
            ['moped3', 14, '18 400 km', 'Hums', 'Right seal track worn: sleeve it next time', '12 months'],
            ['warden', 9, '21 700 km', 'Rumbles after the ford', 'Bore of the left side at its limit', '6 months'],
            ['moped3', 3, '26 900 km', 'Knocks', 'Left bore: compound next time, or another hub', '+6 000 km'],
        ];
        foreach ($sets as [$machine, $months, $meter, $complaint, $carry, $when]) {
            $job = $this->demo->load($by, $machines[$machine], 'Front wheel', 'good', $complaint, Carbon::now()->subMonths($months), [
                'check.meter' => $meter,
                'prove.carry' => $carry,
                'prove.carry_when' => $when,
            ]);
            DueItem::query()
                ->where('machine_id', $job->machine_id)
                ->whereNull('settled_at')
                ->update(['settled_at' => $job->created_at, 'settled_by' => $by->id]);
            $this->signed($job, $by);
        }
        // What is on the bench today, in this order.
        foreach ([6, 10, 7, 4, 11] as $place => $number) {
            Job::query()
                ->where('shop_id', $by->shop_id)
                ->where('number', $number)
                ->update(['bench_place' => $place + 1]);
        }
    }

    /** Signed on the day it was done, not on the day the demo is loaded. */
    private function signed(Job $job, User $by): void
    {
        $job->refresh();
        Carbon::setTestNow($job->created_at->copy()->addHours(4));
        try {
            ($this->sign)($job, $by);
        } finally {
            Carbon::setTestNow();
        }
    }

    private function person(Shop $shop, string $name, string $account, Role $role): User
    {
        $user = new User(['name' => $name, 'email' => "$account@ferryworks.example", 'password' => self::PASSWORD, 'role' => $role]);
        $user->forceFill(['shop_id' => $shop->id, 'joined_at' => Carbon::now()])->save();

        return $user->setRelation('shop', $shop);
    }

    private function tools(Shop $shop): void
    {
        $wall = [
            ['42 cup', ToolKind::Cup, 46.2, 37.0, 60],
            ['Pipe 1 1/4', ToolKind::Pipe, 42.4, 37.2, 90],
            ['36 socket', ToolKind::ImpactSocket, 46.0, 38.5, 55],
            ['30 socket', ToolKind::ChromeSocket, 41.0, 32.0, 50],
            ['24 socket', ToolKind::ImpactSocket, 33.0, 25.0, 50],
            ['46 disc', ToolKind::Disc, 46.4, null, 25],
            ['Old 6204 ring', ToolKind::OldRing, 46.7, 41.4, 14],
            ['35 cup', ToolKind::Cup, 34.4, 27.5, 60],
            ['42 disc', ToolKind::Disc, 41.6, null, 25],
        ];
        foreach ($wall as [$name, $kind, $outside, $opening, $length]) {
            (new Tool(['name' => $name, 'kind' => $kind, 'outside_mm' => $outside, 'opening_mm' => $opening, 'length_mm' => $length]))
                ->forceFill(['shop_id' => $shop->id])
                ->save();
        }
        $others = [
            ['Seal lever', ToolKind::SealLever],
            ['Ring pliers, internal', ToolKind::RingPliersIn],
            ['Square punch 10', ToolKind::Drift, 'outside_mm' => 10, 'length_mm' => 280],
            ['Hide mallet', ToolKind::SoftMallet],
            ['Collet puller, small', ToolKind::BlindPuller, 'opening_mm' => 8, 'outside_mm' => 16],
            ['Collet puller, large', ToolKind::BlindPuller, 'opening_mm' => 18, 'outside_mm' => 28],
            ['Slide hammer', ToolKind::SlideHammer],
            ['12-tonne press', ToolKind::Press, 'capacity_n' => 117680, 'ram_mm' => 50],
            ['Hot-air gun', ToolKind::HeatGun],
            ['Thermometer', ToolKind::Thermometer],
            ['Magnet on a stalk', ToolKind::Magnet],
            ['Side cutters', ToolKind::Cutters],
            ['Rod M12', ToolKind::Rod, 'outside_mm' => 12, 'length_mm' => 330],
            ['Cone spanner 15', ToolKind::ConeSpanner, 'across_mm' => 15],
            ['Spanner 17', ToolKind::Spanner, 'across_mm' => 17],
            ['Socket 27', ToolKind::Socket, 'across_mm' => 27],
            ['Rod M10', ToolKind::Rod, 'outside_mm' => 10, 'length_mm' => 260, 'pitch_mm' => 1.5],
            ['Big washers M12', ToolKind::Washer, 'outside_mm' => 37, 'opening_mm' => 13, 'length_mm' => 3, 'count' => 6],
            ['Torque wrench, small', ToolKind::TorqueWrench, 'torque_low_nm' => 5, 'torque_high_nm' => 60],
            ['Stand ring 60', ToolKind::StandRing, 'opening_mm' => 60, 'outside_mm' => 76, 'length_mm' => 90],
            ['Depth caliper', ToolKind::Gauge, 'plus_minus_mm' => 0.05, 'reads' => 'depth_caliper'],
        ];
        foreach ($others as $tool) {
            [$name, $kind] = [$tool[0], $tool[1]];
            unset($tool[0], $tool[1]);
            (new Tool(['name' => $name, 'kind' => $kind] + $tool))->forceFill(['shop_id' => $shop->id])->save();
        }
    }

    /** @return array<string, Machine> */
    private function machines(Shop $shop): array
    {
        $fleet = [
            'moped7' => ['Parcel moped 7', 'Turnstone 110', 'Ferry Parcels'],
            'moped3' => ['Parcel moped 3', 'Turnstone 110', 'Ferry Parcels'],
            'trail1' => ['Campsite trail bike 1', 'Skua 250', 'Northbay Camp'],
            'warden' => ['Warden\'s trail bike', 'Skua 250', 'Island Wardens'],
            'post' => ['Post scooter', 'Dunlin 125', 'Island Post'],
            'bike1' => ['Harbour bicycle 4', 'Plover 28', 'Harbour Hire'],
            'bike2' => ['Doctor\'s bicycle', 'Plover 27', 'Dr Marrow'],
            'bike3' => ['School bicycle 11', 'Stint 26', 'Island School'],
            'trike2' => ['Cargo trike 2', 'Dotterel Box', 'Ferry Parcels'],
            'moped5' => ['Parcel moped 5', 'Turnstone 50', 'Ferry Parcels'],
            'snow1' => ['Ski-lift sled', 'Auk 500', 'Northbay Camp'],
            'quad1' => ['Campsite quad 1', 'Gannet 300', 'Northbay Camp'],
            'quad3' => ['Campsite quad 3', 'Gannet 450', 'Northbay Camp'],
            'side1' => ['Warden\'s side-by-side', 'Fulmar 700', 'Island Wardens'],
            'cart4' => ['Golf cart 4', 'Guillemot E', 'Links Golf'],
            'mower2' => ['Links mower 2', 'Curlew 52', 'Links Golf'],
            'tractor1' => ['Groundsman\'s tractor', 'Whimbrel 16', 'Links Golf'],
            'trailer1' => ['Boat trailer', 'Eider 750', 'Harbour Hire'],
        ];

        return array_map(static function (array $m) use ($shop): Machine {
            $machine = new Machine(['name' => $m[0], 'model' => $m[1], 'owner' => $m[2]]);
            $machine->forceFill(['shop_id' => $shop->id])->save();

            return $machine;
        }, $fleet);
    }
}
