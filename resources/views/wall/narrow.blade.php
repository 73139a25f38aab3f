<details class="narrow-wall no-print">
<summary data-key="/">{{ __('wall.filter.title') }}</summary>
<form method="get" action="{{ route('wall', absolute: false) }}" class="search-row">
    <x-hidden :values="$filter->kept()"/>
    @foreach ($filter->fields() as $name => $field)
        <x-field :name="$name" :id="'narrow-'.$name" :label="$field['label']">
            <x-select small :name="$name" :id="'narrow-'.$name" :options="$field['options']" :value="$field['value']"/>
        </x-field>
    @endforeach
    <x-field name="since" id="narrow-since" :label="__('wall.filter.since')">
        <x-input small type="date" name="since" id="narrow-since" :max="$filter->yesterday()" :value="$query->since?->toDateString()"/>
    </x-field>
    <x-button kind="primary" size="sm">{{ __('words.show') }}</x-button>
    <x-button size="sm" :href="$filter->sinceLastSeason()">{{ __('wall.filter.last-season') }}</x-button>
    @unless ($query->isEverything())<x-button size="sm"
        :href="$filter->everything()">{{ __('wall.filter.everything') }}</x-button>@endunless
</form>
</details>
@unless ($query->isEverything())
<p class="chips" aria-label="{{ __('wall.filter.shown') }}">@foreach ($filter->chips() as $chip)<x-chip
    :href="$chip['url']">{{ $chip['text'] }}</x-chip>@endforeach</p>
@endunless
