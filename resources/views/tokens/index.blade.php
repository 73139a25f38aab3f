<x-layout :title="__('tokens.title')">
<h1>{{ __('tokens.title') }}</h1>
<p class="lead-line">{{ __('tokens.lead') }} <a href="{{ route('api.document') }}">{{ __('tokens.document') }}</a></p>
<x-invalid/>
@if ($tokens->isEmpty())
    <x-empty :title="__('tokens.none')" :text="__('tokens.none-help')"/>
@else
<x-table :head="array_values(texts('tokens.columns'))">
    @foreach ($tokens as $token)
        <tr>
            <th scope="row">{{ $token->name }}</th>
            <td>{{ implode(', ', array_map(fn ($ability) => __('tokens.abilities.'.$ability), $token->abilities)) }}</td>
            <td>{{ school_time($token->last_used_at) }}</td>
            <td><x-delete :action="route('tokens.destroy', $token->id)" :text="__('tokens.revoke')"
                :label="__('tokens.revoke-name', ['name' => $token->name])"
                :question="__('tokens.revoke-question', ['name' => $token->name])"/></td>
        </tr>
    @endforeach
</x-table>
@endif
<h2>{{ __('tokens.add') }}</h2>
<form method="post" action="{{ route('tokens.store') }}" class="slab">
    @csrf
    <x-field name="name" class="narrow-field mb-2" :label="__('tokens.name')"><x-input name="name" :value="old('name')" required
        maxlength="200"/></x-field>
    <div class="checks mb-2">
        @foreach (array_keys(texts('tokens.abilities')) as $ability)
            <label><input type="checkbox" name="abilities[]" value="{{ $ability }}"
                @checked(in_array($ability, ticked('abilities', ['read']), true))> {{ __('tokens.abilities.'.$ability) }}</label>
        @endforeach
    </div>
    <x-button kind="rust">{{ __('tokens.make') }}</x-button>
</form>
</x-layout>
