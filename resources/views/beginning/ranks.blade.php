<x-beginning :step="App\Models\SetupStep::Ranks" :$school :lead="__('beginning.ranks.lead')">
<p class="search-row" role="group" aria-label="{{ __('beginning.ranks.how-many') }}">
    @foreach (App\View\Beginning\RankRows::COUNTS as $count)
        <x-button :href="route('beginning.ranks', ['count' => $count])">{{ __('beginning.ranks.count', ['count' => $count]) }}</x-button>
    @endforeach
</p>
<details class="mb-3">
    <summary>{{ __('beginning.ranks.paste') }}</summary>
    <form method="get" action="{{ route('beginning.ranks') }}" class="mt-2">
        <x-field name="list" :label="__('beginning.ranks.list')" :hint="__('beginning.ranks.list-hint')">
            <textarea class="form-control" id="list" name="list" rows="6" aria-describedby="list-hint" required></textarea>
        </x-field>
        <x-button class="mt-2">{{ __('beginning.ranks.use-list') }}</x-button>
    </form>
</details>
<form method="post" action="{{ route('beginning.ranks') }}" class="slab">
    @csrf
    @method('put')
    <x-table class="w-auto" :head="array_values(texts('beginning.ranks.columns'))">
        @foreach ($rows as $row)
            @include('beginning.rank', ['at' => $loop->index, 'number' => $loop->iteration])
        @endforeach
    </x-table>
    <p class="form-text">{{ __('beginning.ranks.help') }}</p>
    <details>
        <summary>{{ __('beginning.ranks.rungs') }}</summary>
        <ul class="mb-0">
        @foreach ($ladder as $rung)
            <li><strong>{{ $rung->id }} {{ $rung->name }}</strong>: {{ __('beginning.ranks.rung', ['pace' => $rung->pace]) }},
                {{ __($rung->attackTold ? 'beginning.ranks.attack-told' : 'beginning.ranks.attack-not-told') }},
                {{ __($rung->momentTold ? 'beginning.ranks.moment-told' : 'beginning.ranks.moment-not-told') }}</li>
        @endforeach
        </ul>
    </details>
    <x-step-buttons :step="App\Models\SetupStep::Ranks"/>
</form>
</x-beginning>
