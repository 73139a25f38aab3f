<x-layout :title="__('layout.wall')">
<x-heading :title="__('wall.title')">
    @unless ($isEmpty)
        <x-button size="sm" data-key="t" :href="route('wall', $query->parameters(['form' => $query->asTable ? null : 'table']))">{{
            __($query->asTable ? 'wall.as-drawing' : 'wall.as-table') }}</x-button>
        <x-button size="sm" data-key="x" :href="route('cross', $query->parameters(['form' => null]))">{{ __('cross.title') }}</x-button>
        <x-button size="sm" :href="route('rose')">{{ __('rose.title') }}</x-button>
        <x-button size="sm" data-key="l" :href="route('load')">{{ __('load.title') }}</x-button>
        <x-button size="sm" data-key="f" :href="route('fewest')">{{ __('fewest.title') }}</x-button>
        <x-button size="sm" :href="route('wall.svg', $query->parameters(['form' => null]))" download>{{ __('wall.svg') }}</x-button>
        <x-button size="sm" :href="route('wall.csv', $query->parameters(['form' => null]))" download>{{ __('wall.csv') }}</x-button>
        @can('create', App\Models\Attack::class)
            <x-button kind="rust" size="sm" data-key="n" :href="route('attacks.create')">{{ __('attacks.add') }}</x-button>
        @endcan
    @endunless
</x-heading>
<x-unreadable :rows="$unreadable"/>
@can('begin', App\Models\School::class)
    <div class="flash" role="status">{{ __('beginning.unfinished') }}
        <a href="{{ route('home') }}">{{ __('beginning.go-on') }}</a></div>
@endcan
@includeWhen($nextSteps !== [], 'wall.next-steps')
@if ($ranks->isEmpty())
    <x-no-ranks/>
@elseif ($isEmpty)
    <x-no-attacks/>
@else
    @include('wall.narrow')
    {!! $body !!}
@endif
</x-layout>
