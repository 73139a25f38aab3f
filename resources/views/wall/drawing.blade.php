<div class="wall-and-holes" x-data="wall">
    <div>
        <p class="wall-card" x-ref="card" x-text="card" aria-live="polite">Each course is a rank, each column an attack, split where its sides differ. Point at a stone or walk with the arrow keys; Enter opens it.
@can('create', App\Models\Answer::class)Drag a laid stone to another course, or Shift with ↑ ↓, to see its answer taught there.@endcan</p>
        <x-wall-pages :page="$wall->page" :query="$query"/>
        <div class="scroll-x">@include('wall.picture', ['picture' => $wall->picture])</div>
        <div class="legend">
            <span><svg aria-hidden="true"><g class="stone laid"><rect class="face" x="1" y="1" width="20" height="13" rx="2.5"/></g></svg>first answered here</span>
            <span><svg aria-hidden="true"><g class="stone carried"><rect class="face" x="1" y="1" width="20" height="13" rx="2.5"/></g></svg>carried up</span>
            <span><svg aria-hidden="true"><g class="stone carried"><rect class="face" x="1" y="1" width="20" height="13" rx="2.5"/><rect class="moss" x="1" y="7" width="20" height="7"/></g></svg>moss: {{ match (true) {
                $query->against !== null => "upper half {$query->student->name}, lower half {$query->against->name}: lower bound at the goal rung of the rank",
                $query->student !== null => "{$query->student->name}’s lower bound at the goal rung of the rank",
                default => 'share of the rank that holds it at its goal rung',
            } }}, as of {{ now()->format('H:i') }} UTC</span>
            <span><svg aria-hidden="true"><g class="stone hole first"><rect class="face" x="1" y="1" width="20" height="13" rx="2.5"/><rect class="hatch" x="1" y="1" width="20" height="13" fill="none"/></g></svg>hole: needed and missing; its number leads to the list</span>
            <span><svg aria-hidden="true"><g class="stone ahead"><rect class="face" x="1" y="1" width="20" height="13" rx="2.5"/></g></svg>not needed yet</span>
            @if ($query->since)
                @foreach (App\Wall\Change::cases() as $change)<span><strong class="sign">{{ $change->sign() }}</strong> {{ $change->word() }}: {{ $wall->picture->changes()[$change->value] ?? 0 }}</span>@endforeach
                <span><svg aria-hidden="true"><line class="was" x1="1" y1="8" x2="21" y2="8"/></svg>moss then</span>
            @endif
        </div>
        @if (! $wall->picture->isNamed)<p class="form-text">Too many attacks to name each: press a family’s name to see it alone.</p>@endif
    </div>
    @include('wall.holes', ['holes' => $wall->holes])
</div>
