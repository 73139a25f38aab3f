<x-layout :title="__('tablets.title')">
<h1>{{ __('tablets.title') }}</h1>
<p class="lead-line">{{ __('tablets.lead') }}</p>
<x-invalid/>
@if ($tablets->isEmpty())
    <x-empty :title="__('tablets.none')" :text="__('tablets.none-help')"/>
@else
<x-table :head="array_values(texts('tablets.columns'))">
    @foreach ($tablets as $tablet)
        <tr>
            <th scope="row">{{ $tablet->name }}</th>
            <td>{{ __($tablet->isPaired() ? 'tablets.is-paired' : 'tablets.waits') }}</td>
            <td>{{ school_time($tablet->seen_at) }}</td>
            <td><x-delete :action="route('tablets.destroy', $tablet)" :text="__('tablets.end')"
                :label="__('tablets.end-name', ['name' => $tablet->name])"
                :question="__('tablets.end-question', ['name' => $tablet->name])"/></td>
        </tr>
    @endforeach
</x-table>
@endif
<p>{{ $withPin->isEmpty() ? __('tablets.no-pins') : __('tablets.pins', ['names' => $withPin->implode(', ')]) }}</p>
<h2>{{ __('tablets.add') }}</h2>
<form method="post" action="{{ route('tablets.store') }}" class="slab">
    @csrf
    <x-field name="name" class="narrow-field mb-2" :label="__('tablets.name')"><x-input name="name" :value="old('name')" required
        maxlength="200"/></x-field>
    <x-button kind="rust">{{ __('tablets.make') }}</x-button>
</form>
@if (config('installation.installed') === 'lan')
<h2>{{ __('trust.title') }}</h2>
<p>{{ __('trust.before-pairing') }} <a href="{{ route('trust') }}">{{ __('trust.show') }}</a></p>
@endif
</x-layout>
