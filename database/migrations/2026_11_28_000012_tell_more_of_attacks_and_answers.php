<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What becomes of the limb of a blow; what a mistake does instead of which beat; what youth learns; variants. */
return new class () extends Migration {
    private const OLD = [
        'title', 'label', 'pattern', 'mirrored', 'rank_id', 'short_rank_id', 'short_beats', 'doctrine', 'mistakes',
        'waived', 'beats',
    ];

    private const NEW = ['instead', 'rank_youth_id', 'is_for_youth'];

    public function up(): void
    {
        Schema::table('attacks', static function (Blueprint $table): void {
            $table->string('recoil', 12)->default('left-out');
        });
        DB::statement(
            "alter table attacks add constraint attacks_recoil_check check (recoil in ('left-out', 'pulled-back'))",
        );
        Schema::table('answers', static function (Blueprint $table): void {
            $table->jsonb('instead')->default('{}');
            $table->foreignId('rank_youth_id')->nullable()->constrained('ranks');
            $table->boolean('is_for_youth')->default(true);
            $table->foreignId('variant_of_id')->nullable()->constrained('answers')->nullOnDelete();
        });
        DB::statement(
            "alter table answers add constraint answers_instead_check check (jsonb_typeof(instead) = 'object')",
        );
        DB::statement('alter table answers add constraint answers_variant_check check (variant_of_id <> id)');
        $this->keepInVersions([...self::OLD, ...self::NEW]);
        DB::statement(
            "update answer_versions set content = (content::jsonb || '{\"instead\": {}, \"rank_youth_id\": null, \"is_for_youth\": true}'::jsonb)::json",
        );
    }

    public function down(): void
    {
        $this->keepInVersions(self::OLD);
        DB::statement(
            "update answer_versions set content = (content::jsonb - 'instead' - 'rank_youth_id' - 'is_for_youth')::json",
        );
        Schema::table('answers', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('variant_of_id');
            $table->dropConstrainedForeignId('rank_youth_id');
            $table->dropColumn(['instead', 'is_for_youth']);
        });
        Schema::table('attacks', static function (Blueprint $table): void {
            $table->dropColumn('recoil');
        });
    }

    /** @param list<string> $columns */
    private function keepInVersions(array $columns): void
    {
        $pairs = implode(', ', array_map(static fn (string $column): string => "'{$column}', new.{$column}", $columns));
        DB::unprepared(
            <<<SQL
            create or replace function answers_keep_versions() returns trigger language plpgsql as \$\$
            begin
                if tg_op = 'INSERT' or new.version <> old.version then
                    insert into answer_versions (school_id, answer_id, version, content, saved_by_id, saved_at)
                    values (new.school_id, new.id, new.version, json_build_object({$pairs}), new.updated_by_id, coalesce(new.updated_at, now()));
                end if;
                return new;
            end
            \$\$;
            SQL
            ,
        );
    }
};
