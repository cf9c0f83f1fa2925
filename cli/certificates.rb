# frozen_string_literal: true

require "fileutils"
require "ipaddr"
require "openssl"

module FondKettle
  module Cli
    # The household's own authority and the certificate of its server, for https inside the house: made at the
    # first start that asks for it, the server's anew before it ends, or when the kitchen gets another name.
    # Each of its keys stays in the household's folder, for its owner alone.
    class Certificates
      FOLDER = "tls"
      CURVE = "prime256v1"
      DAY_S = 86_400
      # Devices refuse a server's certificate that lasts more than 398 days.
      SERVER_DAYS = 390
      RENEW_DAYS = 60
      AUTHORITY_DAYS = 3650
      SUBJECT = "/CN=Fond Kettle of this household"

      # `folder`: the household's; `names`: names and addresses under which it is opened.
      def initialize(folder, names)
        @folder = File.join(folder, FOLDER)
        @names = names.uniq
      end

      # Makes what is not there, or ends soon after the time `now`. Returns true where it made the server's.
      def renew(now)
        FileUtils.mkdir_p(@folder, mode: 0o700)
        make_authority(now) unless File.exist?(path("authority.pem"))
        return false if fit?(now)

        make_server(now)
        true
      end

      # Files for the server.
      def server_key
        path("server.key")
      end

      def server_pem
        path("server.pem")
      end

      # The authority's certificate, which a device installs once.
      def authority_pem
        path("authority.pem")
      end

      # The fingerprint of a certificate's file, as a device shows it, to compare: "A3:0F:…".
      def self.fingerprint(path)
        der = OpenSSL::X509::Certificate.new(File.read(path)).to_der
        OpenSSL::Digest::SHA256.hexdigest(der).upcase.scan(/../).join(":")
      end

      # The authority's.
      def fingerprint
        Certificates.fingerprint(authority_pem)
      end

      private

      def path(name)
        File.join(@folder, name)
      end

      def authority
        OpenSSL::X509::Certificate.new(File.read(authority_pem))
      end

      # Does the server's certificate last, with today's names, under this authority?
      def fit?(now)
        return false unless File.exist?(server_pem) && File.exist?(server_key)

        server = OpenSSL::X509::Certificate.new(File.read(server_pem))
        server.not_after > now + (RENEW_DAYS * DAY_S) && server.verify(authority.public_key) &&
          alternatives(server) == @names.map { |name| alternative(name) }.sort
      rescue OpenSSL::OpenSSLError
        false
      end

      def make_authority(now)
        key = OpenSSL::PKey::EC.generate(CURVE)
        certificate = blank(key, now, AUTHORITY_DAYS, SUBJECT)
        certificate.issuer = certificate.subject
        extend_with(certificate, certificate, [["basicConstraints", "CA:TRUE,pathlen:0", true],
                                               ["keyUsage", "keyCertSign,cRLSign", true],
                                               ["subjectKeyIdentifier", "hash", false]])
        write(key, certificate.sign(key, OpenSSL::Digest.new("SHA256")), "authority")
      end

      def make_server(now)
        key = OpenSSL::PKey::EC.generate(CURVE)
        certificate = blank(key, now, SERVER_DAYS, "/CN=#{@names.first[0, 60]}")
        certificate.issuer = authority.subject
        names = @names.map { |name| alternative(name) }.join(",")
        extend_with(certificate, authority, [["basicConstraints", "CA:FALSE", true],
                                             ["keyUsage", "digitalSignature", true],
                                             ["extendedKeyUsage", "serverAuth", false],
                                             ["subjectAltName", names, false],
                                             ["authorityKeyIdentifier", "keyid", false]])
        own = OpenSSL::PKey.read(File.read(path("authority.key")))
        write(key, certificate.sign(own, OpenSSL::Digest.new("SHA256")), "server")
      end

      def blank(key, now, days, subject)
        OpenSSL::X509::Certificate.new.tap do |certificate|
          certificate.version = 2
          certificate.serial = OpenSSL::BN.rand(120)
          certificate.subject = OpenSSL::X509::Name.parse(subject)
          certificate.public_key = key
          certificate.not_before = now - DAY_S
          certificate.not_after = now + (days * DAY_S)
        end
      end

      def extend_with(certificate, issuer, extensions)
        factory = OpenSSL::X509::ExtensionFactory.new(issuer, certificate)
        extensions.each do |name, value, critical|
          certificate.add_extension(factory.create_extension(name, value, critical))
        end
      end

      # The key first: a certificate without its key is made anew at the next start.
      def write(key, certificate, name)
        { "key" => key.to_pem, "pem" => certificate.to_pem }.each do |kind, text|
          fresh = path("#{name}.#{kind}.new")
          File.open(fresh, File::WRONLY | File::CREAT | File::TRUNC, 0o600) { |file| file.write(text) }
          File.rename(fresh, path("#{name}.#{kind}"))
        end
      end

      def alternative(name)
        IPAddr.new(name)
        "IP:#{name}"
      rescue IPAddr::Error
        "DNS:#{name}"
      end

      # The names of a certificate, as alternative() writes them, in their order.
      def alternatives(certificate)
        found = certificate.extensions.find { |extension| extension.oid == "subjectAltName" }
        found.value.split(", ").map { |name| known(name.sub("IP Address:", "IP:")) }.sort
      end

      # Addresses of six parts are written in several ways.
      def known(name)
        name.start_with?("IP:") ? alternative(IPAddr.new(name.delete_prefix("IP:")).to_s) : name
      end
    end
  end
end
