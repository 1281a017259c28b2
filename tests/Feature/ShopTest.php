<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\NoteStanding;
use App\Bench\Notes;
use App\Models\DueItem;
use App\Models\Job;
use App\Models\Machine;
use App\Models\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Machines, tools, and what a shop remembers. */
final class ShopTest extends TestCase
{
    use RefreshDatabase;

    public function test_machines_stand_in_order_of_their_names_page_by_page(): void
    {
        $user = $this->person();
        foreach (range(1, 35) as $n) {
            Machine::factory()->create(['shop_id' => $user->shop_id, 'name' => sprintf('Cart %02d', 36 - $n)]);
        }
        $this->actingAs($user);
        $first = $this->getJson('/api/v1/machines')->assertOk();
        $second = $this->getJson('/api/v1/machines?cursor='.$first->json('next_cursor'))->assertOk();
        $names = [...array_column($first->json('data'), 'name'), ...array_column($second->json('data'), 'name')];
        self::assertCount(35, $names);
        $sorted = $names;
        sort($sorted);
        self::assertSame($sorted, $names);
        self::assertNull($second->json('next_cursor'));
    }

    #[TestWith(['machines'])]
    #[TestWith(['jobs'])]
    public function test_what_has_a_number_beyond_all_is_not_here_and_no_fault_of_the_program(string $list): void
    {
        $this->actingAs($this->person());
        $this->getJson("/api/v1/$list/999999999999")->assertNotFound();
        $this->getJson("/api/v1/$list/99999999999999999999")->assertNotFound();
    }

    public function test_machines_and_their_jobs_are_found_by_words_and_jobs_by_number_too(): void
    {
        $user = $this->person();
        $make = static fn (string $name, string $model, string $owner): Machine => Machine::factory()->create([
            'shop_id' => $user->shop_id,
            'name' => $name,
            'model' => $model,
            'owner' => $owner,
        ]);
        $cart = $make('Golf cart 4', 'Guillemot E', 'Links 100%');
        $mower = $make('Mower', 'Curlew_52', 'Links Golf');
        Machine::factory()->create(['name' => 'Golf cart 9']);
        $open = Job::factory()
            ->by($user)
            ->create(['machine_id' => $cart->id, 'number' => 52]);
        $signed = $this->signedOn(
            Job::factory()
                ->by($user)
                ->create(['machine_id' => $mower->id, 'number' => 7]),
            '2026-03-01 10:00+00',
        );
        DueItem::query()->forceCreate([
            'shop_id' => $user->shop_id,
            'machine_id' => $mower->id,
            'job_id' => $signed->id,
            'kind' => 'carry',
            'wheel' => 'x',
            'what' => 'y',
            'due_on' => '2027-01-01',
        ]);
        DueItem::query()->forceCreate([
            'shop_id' => $user->shop_id,
            'machine_id' => $mower->id,
            'job_id' => $signed->id,
            'kind' => 'carry',
            'wheel' => 'x',
            'what' => 'y',
            'due_on' => '2026-12-01',
            'settled_at' => '2026-11-01',
        ]);
        $this->actingAs($user);
        $machines = fn (string $find): array => array_column(
            $this->getJson('/api/v1/machines?find='.rawurlencode($find))
                ->assertOk()
                ->json('data'),
            'name',
        );
        self::assertSame(['Golf cart 4', 'Mower'], $machines('GOLF'));
        self::assertSame(['Golf cart 4'], $machines(' guillemot  links '), 'each word, wherever it stands');
        self::assertSame(['Golf cart 4'], $machines('100%'));
        self::assertSame(['Mower'], $machines('w_5'), 'a sign is a sign');
        self::assertSame([], $machines('w%5'));
        self::assertSame([], $machines('\\'));
        self::assertSame(['Golf cart 4', 'Mower'], $machines('   '));
        $jobs = fn (string $find, int $closed = 0): array => array_column(
            $this->getJson("/api/v1/jobs?signed=$closed&find=".rawurlencode($find))
                ->assertOk()
                ->json('data'),
            'number',
        );
        self::assertSame([52], $jobs('cart'));
        self::assertSame([52], $jobs('52'), 'by its number');
        self::assertSame([], $jobs('curlew'), 'that one is signed');
        self::assertSame([7], $jobs('52', 1), 'by what its model is called');
        self::assertSame([], $jobs(str_repeat('9', 40)));
        foreach (['jobs', 'machines'] as $list) {
            $this->getJson("/api/v1/$list?find[]=x")->assertStatus(422);
        }
        $lines = $this->getJson('/api/v1/machines')->json('data');
        self::assertSame([1, null, null], [$lines[0]['open_jobs'], $lines[0]['last_signed_at'], $lines[0]['due_on']]);
        self::assertSame([0, '2027-01-01'], [$lines[1]['open_jobs'], $lines[1]['due_on']]);
        self::assertStringStartsWith('2026-03-01T10:00', $lines[1]['last_signed_at']);
        self::assertSame(52, $open->number);
    }

    public function test_a_machine_goes_to_another_owner_and_keeps_its_history(): void
    {
        $user = $this->person();
        $machine = Machine::factory()->create(['shop_id' => $user->shop_id, 'name' => 'Cart 4', 'owner' => 'Links Golf']);
        $job = Job::factory()
            ->by($user)
            ->create(['machine_id' => $machine->id]);
        $this->actingAs($user);
        $this->putJson("/api/v1/machines/{$machine->id}", [
            'name' => ' Cart 14 ',
            'model' => 'Guillemot E',
            'owner' => 'Harbour Hire',
            'shop_id' => 999,
        ])
            ->assertOk()
            ->assertJson(['name' => 'Cart 14', 'owner' => 'Harbour Hire']);
        $history = $this->getJson("/api/v1/machines/{$machine->id}")->assertOk();
        self::assertSame(
            ['Cart 14', 'Guillemot E', [$job->id]],
            [$history->json('machine.name'), $history->json('machine.model'), array_column($history->json('jobs'), 'id')],
        );
        self::assertSame($user->shop_id, $machine->refresh()->shop_id);
        foreach (['', str_repeat('x', 121)] as $name) {
            $this->putJson("/api/v1/machines/{$machine->id}", ['name' => $name])
                ->assertStatus(422)
                ->assertJsonPath('errors.0.field', 'name');
        }
        self::assertSame('Cart 14', $machine->refresh()->name);
    }

    public function test_a_cursor_that_is_none_starts_from_the_top_and_breaks_nothing(): void
    {
        $this->actingAs($this->person());
        $this->getJson('/api/v1/machines?cursor=nonsense')->assertOk();
        foreach (['{"x":1}', '[1]', '"x"', '{"id":[1],"_pointsToNextItems":true}'] as $odd) {
            $this->getJson('/api/v1/jobs?cursor='.base64_encode($odd))->assertOk();
        }
        $this->getJson('/api/v1/jobs?cursor='.base64_encode('{"moon":1,"_pointsToNextItems":true}'))
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'cursor');
    }

    public function test_a_machine_wants_a_name_and_no_more(): void
    {
        $this->actingAs($this->person(Role::Apprentice));
        $this->postJson('/api/v1/machines', ['name' => 'Barrow'])
            ->assertCreated()
            ->assertJson(['name' => 'Barrow', 'model' => '', 'owner' => '']);
        $this->postJson('/api/v1/machines', ['name' => ''])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'name');
        $this->postJson('/api/v1/machines', ['name' => str_repeat('x', 121)])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'name');
        $this->postJson('/api/v1/machines', ['name' => 'B', 'owner' => ['x']])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'owner');
    }

    public function test_names_in_any_script_and_with_any_signs_come_back_as_they_went(): void
    {
        $this->actingAs($this->person());
        $name = 'Ölmühle “Řezáč” <b>&\' 自転車 🚲';
        $id = $this->postJson('/api/v1/machines', ['name' => $name])
            ->assertCreated()
            ->json('id');
        self::assertSame($name, $this->getJson("/api/v1/machines/$id")->json('machine.name'));
    }

    public function test_only_the_last_few_jobs_are_asked_what_the_fasteners_took(): void
    {
        $user = $this->person();
        $machine = Machine::factory()->create(['shop_id' => $user->shop_id]);
        $jobs = array_map(
            fn (): Job => Job::factory()
                ->by($user)
                ->create(['machine_id' => $machine->id]),
            range(1, 6),
        );
        $this->actingAs($user);
        foreach ($jobs as $i => $job) {
            $this->keep($job, 'fastener.axle_nut.spanner', ['text' => (string) (20 + $i)])->assertCreated();
        }
        $last = $jobs[5];
        self::assertSame('24', Notes::ofFastenersBefore($last)->current['fastener.axle_nut.spanner']->value['text'] ?? null);
        DB::enableQueryLog();
        Notes::ofFastenersBefore($last);
        self::assertLessThanOrEqual(2, count(DB::getQueryLog()));
    }

    public function test_the_standing_of_a_job_can_be_worked_out_again_at_any_time(): void
    {
        $user = $this->person();
        $job = $this->jobOf($user);
        $this->actingAs($user)->keep($job, 'check.complaint', ['text' => 'Squeals']);
        $noted = $job->refresh()->standing;
        DB::table('jobs')
            ->where('id', $job->id)
            ->update(['standing' => '{}']);
        // Whoever signed or entered something may have left: it is noted behind the answer.
        $this->nobody();
        $this->app->make(NoteStanding::class)($job->id);
        self::assertEquals($noted, $job->refresh()->standing);
        self::assertSame('Squeals', $job->standing['complaint'] ?? null);
    }

    public function test_numbers_of_jobs_have_no_gaps_and_no_doubles_in_a_shop(): void
    {
        $user = $this->person();
        $machine = Machine::factory()->create(['shop_id' => $user->shop_id]);
        $this->actingAs($user);
        $numbers = array_map(
            fn (): int => $this->postJson('/api/v1/jobs', [
                'machine_id' => $machine->id,
                'wheel' => 'Front',
                'pattern' => 'pair-sleeve',
                'complaint' => 'x',
            ])->json('number'),
            range(1, 5),
        );
        self::assertSame([1, 2, 3, 4, 5], $numbers);
    }

    public function test_a_records_page_goes_back_to_the_first(): void
    {
        $user = $this->person();
        $job = $this->jobOf($user);
        $this->actingAs($user);
        foreach (range(1, 53) as $n) {
            $this->keep(
                $job,
                'size.over_faces',
                ['typed' => (string) (100 + $n / 100)],
                ['id' => (string) Str::uuid()],
            )->assertCreated();
        }
        $first = $this->getJson("/api/v1/jobs/{$job->id}/records")->assertOk();
        $rest = $this->getJson("/api/v1/jobs/{$job->id}/records?cursor=".$first->json('next_cursor'))->assertOk();
        $typed = array_map(static fn (array $e): string => $e['value']['typed'], [...$first->json('data'), ...$rest->json('data')]);
        self::assertCount(53, $typed);
        self::assertSame(['100.53', '100.01'], [$typed[0], $typed[52]]);
    }
}
