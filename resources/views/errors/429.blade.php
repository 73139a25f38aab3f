<x-message name="429"/>
