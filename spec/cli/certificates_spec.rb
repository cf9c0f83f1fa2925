# frozen_string_literal: true

require "tmpdir"
require_relative "../../cli/certificates"

RSpec.describe FondKettle::Cli::Certificates do
  now = Time.now
  day = 86_400
  names = ["kitchen.local", "192.168.7.2", "fd00::2", "localhost", "127.0.0.1", "::1"]

  around { |example| Dir.mktmpdir { |folder| (@folder = folder) && example.run } }

  define_method(:made) do |at = now, called = names|
    described_class.new(@folder, called).tap { |certificates| certificates.renew(at) }
  end

  def server(certificates)
    OpenSSL::X509::Certificate.new(File.read(certificates.server_pem))
  end

  def trusted?(certificates, at)
    store = OpenSSL::X509::Store.new
    store.add_file(certificates.authority_pem)
    store.time = at
    store.verify(server(certificates))
  end

  it "makes a certificate that whoever has the authority's believes, for each of the kitchen's names" do
    first = made
    expect(trusted?(first, now)).to be(true)
    names.each { |name| expect(OpenSSL::SSL.verify_certificate_identity(server(first), name)).to be(true), name }
    expect(OpenSSL::SSL.verify_certificate_identity(server(first), "evil.example")).to be(false)
    key = OpenSSL::PKey.read(File.read(first.server_key))
    expect(server(first).check_private_key(key)).to be(true)
    lasts = server(first).not_after - server(first).not_before
    expect(lasts).to be <= 398 * day
    expect(first.fingerprint).to match(/\A(?:\h\h:){31}\h\h\z/)
    modes = Dir[File.join(@folder, "tls", "*")].map { |path| File.stat(path).mode & 0o077 }
    expect([modes.size, modes.uniq]).to eq([4, [0]])
  end

  it "keeps the authority's, and the server's until it is about to end or the kitchen has another name" do
    first = made
    read = ->(certificates) { [File.read(certificates.authority_pem), File.read(certificates.server_pem)] }
    authority, kept = read[first]
    expect(read[made(now + (300 * day))]).to eq([authority, kept])
    later = now + ((described_class::SERVER_DAYS - described_class::RENEW_DAYS + 1) * day)
    renewed = made(later)
    expect(read[renewed]).to match([authority, satisfy { |text| text != kept }])
    expect(trusted?(renewed, later + (300 * day))).to be(true)
    other = made(later, ["pantry.local", *names])
    expect(OpenSSL::SSL.verify_certificate_identity(server(other), "pantry.local")).to be(true)
    expect(other.fingerprint).to eq(first.fingerprint)
  end

  it "says whether the server's was made" do
    certificates = described_class.new(@folder, names)
    later = now + ((described_class::SERVER_DAYS - described_class::RENEW_DAYS + 1) * day)
    expect([now, now, later, later].map { |at| certificates.renew(at) }).to eq([true, false, true, false])
  end

  it "is made anew where it is damaged, or its key is gone" do
    first = made
    File.write(first.server_pem, "no certificate")
    expect(trusted?(made, now)).to be(true)
    File.delete(first.server_key)
    expect(server(made).check_private_key(OpenSSL::PKey.read(File.read(first.server_key)))).to be(true)
  end
end
